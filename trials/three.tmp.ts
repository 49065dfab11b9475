import { emitPlan } from "@/core/job/emitPlan";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Plan } from "@/core/plan/planTypes";
import { rehearse } from "@/core/rehearse/rehearse";
import { middleOfTape } from "@/core/rehearse/rules/tapes";
import { sensibleDocument } from "./sensible";
import { randomOf } from "./support";
const seed=Number(process.argv[2]);const p=parseJob(sensibleDocument(randomOf(seed)));if(!p.ok)throw 1;const w=JSON.parse(emitPlan(plan(p.job))) as Plan;
for(const f of rehearse(p.job,w).faults.filter(x=>!x.told).slice(0,Number(process.argv[3]??3))){const wl=w.walls.find(x=>x.id===f.wall)!;
 for(const t of wl.tape){const m=middleOfTape(t);if(m&&f.at&&Math.abs(m[0]-f.at[0])<0.001&&Math.abs(m[1]-f.at[1])<0.001){console.log(JSON.stringify(t));const r=wl.regions.find(x=>x.id===t.overRegion);console.log("  over",r&&JSON.stringify({id:r.id,name:r.name,colour:r.colour,area:r.area_m2,outline:r.outline}))}}
 const [x,y]=f.at!;for(const r of wl.regions){const xs=r.outline.map(q=>q[0]),ys=r.outline.map(q=>q[1]);if(x>=Math.min(...xs)-30&&x<=Math.max(...xs)+30&&y>=Math.min(...ys)-30&&y<=Math.max(...ys)+30&&r.outline.length<30)console.log("  near",r.id,r.colour,JSON.stringify(r.outline.map(q=>q.map(v=>Math.round(v*10)/10))))}
}
