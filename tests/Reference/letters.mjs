// How Chromium sets words of many scripts, in the faces named here one by one: the ink of each as rows of grey,
// to be laid over what the sheet prints. From registries: Playwright with Debian's Chromium, and the Noto faces.
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const WORDS = [
  ['noto-sans-devanagari', 'कार्तिक ज्येष्ठ 2027'],
  ['noto-sans-bengali', 'শ্রাবণ জ্যৈষ্ঠ'],
  ['noto-sans-tamil', 'கொண்டாட்டம்'],
  ['noto-sans-telugu', 'ఫిబ్రవరి 14'],
  ['noto-sans-kannada', 'ಸೆಪ್ಟೆಂಬರ್'],
  ['noto-sans-malayalam', 'ഒക്‌ടോബർ'],
  ['noto-sans-gujarati', 'ઑક્ટોબર 2027'],
  ['noto-sans-gurmukhi', 'ਅਕਤੂਬਰ'],
  ['noto-sans-oriya', 'ଅକ୍ଟୋବର'],
  ['noto-sans-sinhala', 'අප්‍රේල්'],
  ['noto-sans-khmer', 'ព្រឹក្សា'],
  ['noto-sans-myanmar', 'ဖေဖော်ဝါရီ'],
  ['noto-sans-thai', 'สัปดาห์ที่ 12'],
  ['noto-sans-lao', 'ເດືອນນີ້'],
  ['noto-serif-tibetan', 'སྤྱི་ཟླ་བརྒྱད་'],
  ['noto-sans-ethiopic', 'ጃንዩወሪ'],
  ['noto-sans-cherokee', 'ᎤᏃᎸᏔᏅ'],
  ['noto-sans-arabic', 'جنوری 2027 (فروری)', 'rtl'],
  ['noto-sans-adlam', '𞤀𞤨𞤪𞤭𞤤', 'rtl'],
  ['noto-sans-chakma', '𑄎𑄚𑄪𑄠𑄢𑄨'],
  // Chromium sets each word alone and so loses this face's kerning with the space.
  ['gowun-dodum', '2027년열두달'],
  ['biz-udgothic', '二〇二七年の予定'],
  ['chocolate-classical-sans', '计划与习惯'],
];
const file = (name) => {
  const folder = new URL(`../../node_modules/@expo-google-fonts/${name}/400Regular/`, import.meta.url);
  return readFileSync(
    new URL(
      readdirSync(folder).find((one) => one.endsWith('.ttf')),
      folder,
    ),
  ).toString('base64');
};

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-lcd-text', '--font-render-hinting=none'],
});
const page = await browser.newPage();
const set = [];
for (const [name, text, direction = 'ltr'] of WORDS) {
  const drawn = await page.evaluate(
    async ({ name, text, direction, data }) => {
      document.fonts.add(await new FontFace(name, `url(data:font/ttf;base64,${data})`).load());
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [1200, 400];
      const pen = canvas.getContext('2d', { willReadFrequently: true });
      pen.fillStyle = '#fff';
      pen.fillRect(0, 0, 1200, 400);
      pen.fillStyle = '#000';
      pen.font = `100px "${name}"`;
      pen.direction = direction;
      pen.textAlign = 'left';
      pen.fillText(text, 100, 220);
      const { data: grey } = pen.getImageData(0, 0, 1200, 400);
      const dark = (x, y) => grey[(y * 1200 + x) * 4] < 128;
      const rows = Array.from({ length: 400 }, (_, y) =>
        Array.from({ length: 1200 }, (_, x) => (dark(x, y) ? '#' : ' '))
          .join('')
          .trimEnd(),
      );
      return { wide: pen.measureText(text).width, rows };
    },
    { name, text, direction, data: file(name) },
  );
  set.push({ text, ...drawn });
}
await browser.close();
writeFileSync(process.argv[2], JSON.stringify(set));
