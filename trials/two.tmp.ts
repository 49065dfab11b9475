import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { sensibleDocument } from "./sensible";
import { randomOf } from "./support";
const [seed,wall]=[Number(process.argv[2]),process.argv[3]];const p=parseJob(sensibleDocument(randomOf(seed)));if(!p.ok)throw 1;const w=plan(p.job);
for(const s of w.steps)if(s.wall===wall&&/tape|paint|base|peel/.test(s.id))console.log(s.day,s.from,s.to,s.id,"|",s.waitsFor.map(x=>x.step+"@"+x.until).join(","));
console.log(w.rounds?.length, JSON.stringify(w.rounds?.map((r:any)=>({round:r.round,colours:r.colours,coat:r.coat}))));
const pl=w.walls.find(x=>x.id===wall)!;const cnt=new Map<string,number>();for(const r of pl.regions){const k=r.colour+" r"+(r as any).round;cnt.set(k,(cnt.get(k)??0)+1)}console.log([...cnt]);
const tp=new Map<string,number>();for(const t of pl.tape){const k=`round ${t.round} over ${t.over} cuts ${t.cuts}/${t.andCuts} ${t.laidIn}->${t.offIn} ${t.lies} ${t.centred??""} w${t.width}`;tp.set(k,(tp.get(k)??0)+1)}console.log([...tp].map(x=>x.join(": ")).join("\n"));
