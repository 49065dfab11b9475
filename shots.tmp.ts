import { chromium } from "@playwright/test";
import config from "./playwright.config";
import { startServer, stopServer, removeFolder } from "./e2e/support/server";
const server = await startServer();
const b = await chromium.launch({ ...config.use!.launchOptions });
const list = await (await fetch(server.url+"/api/jobs")).json().catch(()=>null); console.log(JSON.stringify(list)?.slice(0,300));
const go = async (name: string, path: string, w=1280, h=800, act?: (p: import("@playwright/test").Page)=>Promise<unknown>) => {
 const p = await (await b.newContext({viewport:{width:w,height:h}})).newPage();
 await p.goto(server.url+path,{waitUntil:"networkidle"}); await p.waitForTimeout(2500); await act?.(p).catch(e=>console.log(name,String(e).slice(0,300))); await p.screenshot({path:`/tmp/q-${name}.png`}); await p.close(); };
await go("home","/");
await go("pattern",`/jobs/the-ferry-landing/back/pattern`);
await go("days",`/jobs/the-ferry-landing/counter/days`);
await go("mark",`/jobs/the-ferry-landing/counter/mark`);
await go("mark2",`/jobs/the-ferry-landing/stair/mark`);
await go("ph-mark",`/jobs/the-ferry-landing/counter/mark`,390,844);
await b.close(); await stopServer(server); removeFolder(server.data);
