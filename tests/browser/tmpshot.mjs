import { chromium } from '@playwright/test';
const base='http://127.0.0.1:8123';
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']});
const c=await b.newContext({reducedMotion:'reduce',viewport:{width:820,height:1180}});
const p=await c.newPage();
p.on('console',m=>{if(m.type()==='error')console.log('console',m.text())}); p.on('pageerror',e=>console.log('pageerror',e.message));
await p.goto(base+'/new',{waitUntil:'networkidle'});
await p.getByLabel('Page size').selectOption({label:'B6, 125 × 176 mm'});
await p.getByLabel('Boxes across').fill('22'); await p.getByLabel('Boxes down').fill('32'); await p.getByRole('textbox',{name:'Pages',exact:true}).fill('144');
await p.getByLabel('First month').fill('2027-03'); await p.getByLabel('Last month').fill('2027-12');
await p.getByLabel('Weeks begin on').selectOption('7');
await p.getByLabel('You count').selectOption('dots');
await p.getByLabel('Title on the shelf, if you like').fill('Oilskin book');
await p.getByRole('button',{name:'Make the plan'}).click();
await p.waitForURL(/spreads/);
await p.keyboard.press('g'); await p.keyboard.press('o');
await p.getByLabel('Title',{exact:true}).fill('Canvas book');
await p.locator('main').getByLabel('Page size').selectOption('A5'); await p.getByLabel('From',{exact:true}).fill('2026-03'); await p.getByLabel('To',{exact:true}).fill('2027-02');
await p.getByLabel('Boxes across').fill('26'); await p.getByLabel('Boxes down').fill('38'); await p.getByRole('textbox',{name:'Pages',exact:true}).fill('176');
await p.getByLabel('Its spreads in order, a line each, with their pages').fill(`Name page
Key
Index 2
year at a glance 2
future log 4
goals 2
books read 2
Sea temperatures 2
mood tracker
savings
recipes tried 2
brain dump 2
notes 4`);
await p.getByLabel('The last page of each month').fill(`March 38
April 51
May 63
June 78
July 88
August 98
September 113
October 126
November 139`);
await p.getByRole('button',{name:'Take this book'}).click();
await p.waitForTimeout(1200);
await p.screenshot({path:'/tmp/shots/t1.png'});
for (const k of ['1','1','1','4','1','o','1','1','2']) { await p.keyboard.press(k); await p.waitForTimeout(200); }
await p.keyboard.type('only in summer'); await p.keyboard.press('Enter'); 
await p.waitForTimeout(600);
await p.locator('main').evaluate(m=>m.scrollTo(0,0));
await p.screenshot({path:'/tmp/shots/t2.png'});
await p.getByRole('button',{name:'Carry over'}).click(); await p.waitForTimeout(1200);
await p.getByRole('link',{name:'To its spreads'}).click(); await p.waitForTimeout(1500);
await p.screenshot({path:'/tmp/shots/t3.png'});
await b.close();
