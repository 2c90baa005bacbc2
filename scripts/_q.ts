import fs from 'node:fs';
import { knowledge } from '../knowledge/src';
import { answerOrder } from '../core/src/headless';
const rows=fs.readFileSync('../shared/voices/questions.jsonl','utf8').trim().split('\n').map(l=>JSON.parse(l));
const sys=(m:string)=>m==='us'?'us':m==='imperial'?'imperial':m==='australian'?'australian':'metric';
const m:any={};let right=0;
const out:any[]=[];
rows.forEach((r:any,i:number)=>{let got='error',a:any;try{a=answerOrder(knowledge,{way:'ask',ask:r.ask,measures:sys(r.measures)} as any);
 got=a.kind==='refused'?'stop':a.notUnderstood?.length?'cannot-say':a.cautions.some((c:any)=>c.level==='caution')?'caution':'fine';}catch(e:any){got='error';a={says:e.message}}
 m[r.level]??={};m[r.level][got]=(m[r.level][got]??0)+1;if(got===r.level)right++;out.push({i,level:r.level,got,ask:r.ask,because:r.because,a})});
console.table(m);console.log('right',right);
if(process.argv[2])for(const o of out.filter(o=>o.i%2===0&&o.level!==o.got&&`${o.level}>${o.got}`===process.argv[2]))console.log(`#${o.i} ${o.level}>${o.got}\n  ${o.ask}\n  because ${o.because}\n  said ${o.a.says} | read ${o.a.understood} | not ${o.a.notUnderstood} | ${(o.a.cautions??o.a.because??[]).map((c:any)=>c.level+':'+(c.says??'')).join(' / ')}`);
