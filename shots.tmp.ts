import { chromium } from "@playwright/test";
import config from "./playwright.config";
import { startServer, stopServer, removeFolder } from "./e2e/support/server";
const server = await startServer();
const b = await chromium.launch({ ...config.use!.launchOptions });
const list = await (await fetch(server.url+"/api/jobs")).json().catch(()=>null); console.log(JSON.stringify(list)?.slice(0,300));
const go = async (name: string, path: string, w=1280, h=800, act?: (p: import("@playwright/test").Page)=>Promise<unknown>) => {
 const p = await (await b.newContext({viewport:{width:w,height:h}})).newPage();
 await p.goto(server.url+path,{waitUntil:"networkidle"}); await p.waitForTimeout(2500); await act?.(p).catch(e=>console.log(name,String(e).slice(0,300))); await p.screenshot({path:`/tmp/q-${name}.png`}); await p.close(); };

await go("sent",`/jobs/the-ferry-landing/back/pattern`,1280,800,async p=>{await p.getByRole("button",{name:/^Layout:/}).click(); await p.waitForTimeout(4000);});
await go("over",`/jobs/the-ferry-landing/counter/pattern`,1280,800,async p=>{await p.getByRole("button",{name:/Lay another/}).click(); await p.waitForTimeout(6000);});
await go("brick",`/jobs/the-ferry-landing-upper-rooms/loft/pattern`);
await go("ph-sent",`/jobs/the-ferry-landing/back/pattern`,390,844);
await b.close(); await stopServer(server); removeFolder(server.data);
