import { emitPlan } from "@/core/job/emitPlan";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { Plan } from "@/core/plan/planTypes";
import { rehearse } from "@/core/rehearse/rehearse";
import { sensibleDocument } from "./sensible";
import { randomOf } from "./support";
const [from,count]=process.argv.slice(2).map(Number) as [number,number];let n=0,bad=0;
for(let i=0;n<count;i++){const seed=from+i;const p=parseJob(sensibleDocument(randomOf(seed)));if(!p.ok)continue;const w=plan(p.job);if(!w.steps.length)continue;n++;
const f=rehearse(p.job,JSON.parse(emitPlan(w)) as Plan).faults.filter(x=>!x.told);if(f.length){bad++;console.log(seed,f.length,JSON.stringify(f.slice(0,2)))}
if(n%500===0)console.error(n,bad)}
console.log("done",n,bad);
