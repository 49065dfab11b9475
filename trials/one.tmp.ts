import { emitPlan } from "@/core/job/emitPlan";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Plan } from "@/core/plan/planTypes";
import { rehearse } from "@/core/rehearse/rehearse";
import { sensibleDocument } from "./sensible";
import { randomOf } from "./support";
for(const seed of process.argv.slice(2).map(Number)){const doc=sensibleDocument(randomOf(seed));const p=parseJob(doc);if(!p.ok)throw 1;const w=plan(p.job);
const f=rehearse(p.job,JSON.parse(emitPlan(w)) as Plan).faults.filter(x=>!x.told);
console.log("=====",seed,f.length);for(const x of f.slice(0,6))console.log("  ",x.code,x.step,x.at,x.say);
const walls=new Set(f.map(x=>x.wall));
for(const fin of p.job.finishes){const on=p.job.runs.find(r=>r.id===fin.on)?.walls??[fin.on];if(on.some(o=>walls.has(o)))console.log("  F",JSON.stringify(fin).slice(0,600))}
for(const wl of p.job.walls)if(walls.has(wl.id))console.log("  W",wl.id,wl.width,wl.height,wl.base,wl.baseState,(wl as any).leftEdge,(wl as any).rightEdge,JSON.stringify(p.job.runs));
console.log("  E",JSON.stringify(p.job.edges),p.job.work.crew,JSON.stringify(p.job.paints.map(x=>[x.id,x.material,x.coats])));
}
