import { writeFileSync } from 'node:fs';
import { demoBriefs } from '../src/server/demo/seed';
import { recordSheet } from '../src/server/record/sheet';
import { recordWorkbook } from '../src/server/record/workbook';
import { madeDecision } from '../src/server/testing/made-decision';
import { lifetimeQuantity } from '../src/core/brief';
const b = demoBriefs()[6]!;
const sheet = recordSheet(madeDecision(b, lifetimeQuantity(b)!))!;
const main = async () => {
writeFileSync('/tmp/w/rec.xlsx', await recordWorkbook(sheet));
import('exceljs').then(async ({default: X}) => { const b2 = new X.Workbook(); await b2.xlsx.readFile('/tmp/w/rec.xlsx'); for (const sh of b2.worksheets) sh.eachRow((r)=>r.eachCell((c)=>{ const v: any = c.value; if (v && typeof v==='object' && 'formula' in v) c.value = { formula: v.formula } as any; })); await b2.xlsx.writeFile('/tmp/w/bare.xlsx'); });
console.log(sheet.lane.money!.allIn, sheet.lane.money!.total);
};
main();
