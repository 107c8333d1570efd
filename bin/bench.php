<?php

/* The figures of bin/bench that need PHP: "core" in this process, "server ADDRESS" against a running program. */

declare(strict_types=1);

use AmpleMargin\Book\Fit\WaysToFit;
use AmpleMargin\Book\Fit\Patience;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Layouts;
use AmpleMargin\Book\Printing\BookTray;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Paging\PageRules;
use AmpleMargin\Paging\Placeable;
use AmpleMargin\Paging\Placer;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\Tray\Packing;
use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Export\PdfWriter;
use App\Plan\PlanFiles;
use App\Plan\SamplePlans;

require dirname(__DIR__).'/vendor/autoload.php';

/** What is aimed at, in the unit of its line. */
const AIMS = [
    'compose 20 spreads of every kind, no page drawn' => 5,
    'compose 60 spreads of every kind, no page drawn' => 12,
    'compose 150 spreads of every kind, no page drawn' => 25,
    'compose 296 spreads of every kind, no page drawn' => 50,
    'an edit: sent, saved, composed, answered' => 10,
    'a book opened' => 10,
    'a title of a spread, and the pages drawn for it' => 40,
    'the answer to it' => 4,
    'the pages drawn for it' => 11,
];

/** Milliseconds this process has worked: another one beside it takes nothing from that. */
function cpu(): float
{
    $used = getrusage();

    return ($used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec']) * 1e3 + ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e3;
}

/** @return list<float> milliseconds of work, rising */
function timed(int $times, callable $work): array
{
    $work();
    $taken = [];
    for ($i = 0; $i < $times; ++$i) {
        $start = cpu();
        $work();
        $taken[] = cpu() - $start;
    }
    sort($taken);

    return $taken;
}

/** What is aimed at beside a figure; "" where nothing is. */
function aim(string $what, string $unit): string
{
    return isset(AIMS[$what]) ? '; aim '.AIMS[$what]." $unit" : '';
}

function said(string $what, array $taken): void
{
    printf(
        "%-52s %8.2f ms median, %8.2f ms p95 of %d%s\n",
        $what,
        $taken[intdiv(count($taken), 2)],
        $taken[(int) (0.95 * (count($taken) - 1))],
        count($taken),
        aim($what, 'ms')
    );
}

if ('core' === $argv[1]) {
    $plan = (new SamplePlans(new PlanFiles(dirname(__DIR__).'/docs/plan.schema.json')))->fullYear();
    said('compose the sample book', timed(200, static fn () => Composer::compose($plan)));
    $book = Composer::compose($plan);
    said('draw all 192 pages, composing among it', timed(30, static function () use ($plan): void {
        $book = Composer::compose($plan);
        for ($page = 1; $page <= 192; ++$page) {
            $book->drawing($page);
        }
    }));
    printf("%-52s %8.1f MB peak\n", 'memory after composing and drawing all pages', memory_get_peak_usage() / 1e6);
    $slowest = ['', 0.0];
    $every = [];
    $catalogue = new Catalogue();
    $layouts = new Layouts(Tests\Books::first($plan), $catalogue);
    foreach ($catalogue->spreads() as $kind) {
        $section = $kind->section ?? exit("$kind->id has no section.");
        $ask = static fn (array $settings): Request => $layouts->request(
            new AmpleMargin\Plan\PlannedSpread('x', $kind->id, $section, settings: $settings)
        )->reading($book->index);
        $form = $kind->form;
        $ways = $form instanceof HasLayouts
            ? array_map(static fn ($layout): array => $layout->settings, $form->layouts($ask([])))
            : [[]];
        foreach ($ways as $settings) {
            $request = $ask($settings);
            $pages = $form->layOut($request)->pages;
            $taken = array_map(
                static fn (float $all): float => $all / $pages,
                timed(15, static fn () => $form->layOut($request)->drawings())
            );
            array_push($every, ...$taken);
            if ($taken[7] > $slowest[1]) {
                $slowest = ["$kind->id ".json_encode($settings), $taken[7]];
            }
        }
    }
    sort($every);
    said('draw one page, any kind in any layout', $every);
    printf("%-52s %8.2f ms median: %s\n", 'the slowest of them', $slowest[1], $slowest[0]);
    said('the drawer: '.count($catalogue->spreads()).' kinds on this paper, drawn', timed(15, static function () use ($catalogue, $book): void {
        foreach ($catalogue->spreads() as $kind) {
            App\Api\DrawingView::marks($book->sampleOf($kind)->laid->drawings()[0]);
        }
    }));
    foreach (['year-at-a-glance', 'future-log', 'spacing-sheet', 'key'] as $id) {
        said(
            "all candidates of a comparison: $id",
            timed(15, static fn () => $book->layouts($plan->spread($id) ?? exit("The sample has no $id.")))
        );
    }
    said('split a side by every school, and draw it', timed(100, static function (): void {
        $bench = new AmpleMargin\Bench\CountingBench(26, 38, 5_000);
        $region = new AmpleMargin\Bench\BenchRegion(AmpleMargin\Drawing\Edge::Top, 0, 0, 26, 38);
        $bench->draw($region, $bench->count($region, new AmpleMargin\Counting\Splitting(5, null)));
    }));
    said(
        'check a key of eleven marks',
        timed(30, static fn () => (new AmpleMargin\Key\KeyCheck(AmpleMargin\Key\StarterKeys::set('outlines'), 5_000))->problems())
    );
    $dates = [];
    for ($i = 0; $i < 5_000; ++$i) {
        $dates[] = sprintf(
            "BEGIN:VEVENT\r\nUID:%d\r\nDTSTART;TZID=America/New_York:2027%02d%02dT%02d0000\r\nDURATION:PT1H\r\n%sSUMMARY:Event %d\r\nEND:VEVENT\r\n",
            $i,
            $i % 12 + 1,
            $i % 28 + 1,
            $i % 24,
            0 === $i % 10 ? "RRULE:FREQ=MONTHLY;COUNT=5\r\n" : '',
            $i
        );
    }
    $calendar = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n".implode('', $dates)."END:VCALENDAR\r\n";
    said('preview of 5,000 events in one calendar', timed(5, static function () use ($calendar, $plan): void {
        $days = new AmpleMargin\Dates\SaidDay($plan->period, new AmpleMargin\Calendar\Names('en'));
        $files = new App\Import\DateFiles($days, $plan->dates, new DateTimeZone('Europe/Berlin'), 2027);
        AmpleMargin\Dates\Preview::of($plan->dates, $files->read('a.ics', $calendar)->found, $plan->period);
    }));
    said('what would be too late, with every layout drawn', timed(15, static fn () => Composer::compose($plan)->dates->findingsWithLayouts()));
    $files = new PlanFiles(dirname(__DIR__).'/docs/plan.schema.json');
    $was = (new SamplePlans($files))->lastYear();
    $old = AmpleMargin\Book\Carrying\OldBookOf::plan($was);
    $reviewed = $plan->with(['old' => $old->with(['spreads' => array_map(
        static fn ($one) => $one->with(['verdict' => AmpleMargin\Plan\Old\Verdict::Keep]),
        $old->spreads
    )])]);
    said('an old book of '.count($old->spreads).' spreads carried over and composed', timed(15, static function () use ($reviewed, $catalogue): void {
        AmpleMargin\Book\Carrying\Carried::of($reviewed, $catalogue);
    }));
    $carried = AmpleMargin\Book\Carrying\Carried::of($reviewed, $catalogue) ?? throw new LogicException('There is an old book.');
    said('how sure it lasts, and on four counts of pages', timed(30, static function () use ($carried): void {
        $carried->book->lasting();
        $carried->counts();
    }));
    $evenings = [];
    for ($i = 0; $i < 12; ++$i) {
        $evenings[] = ['day' => sprintf('2026-12-%02d', 3 + 2 * $i), 'from' => '19:00', 'minutes' => 90];
    }
    $evening = Tests\Books::edited($plan, [['type' => 'set-evenings', 'evenings' => $evenings, 'months' => 3]]);
    $sixty = Composer::compose($evening);
    $count = count(AmpleMargin\Book\Making\Pending::of($sixty)->pages);
    $packed = AmpleMargin\Book\Making\Sittings::of($sixty)->packed;
    said("sittings of $count pages over 12 evenings, composing among it", timed(15, static function () use ($evening): void {
        AmpleMargin\Book\Making\Sittings::of(Composer::compose($evening));
    }));
    printf("%-52s %8d min, at least %d\n", 'minutes without room', $packed->short(), $packed->bound);
    said('what now?, a leaf skipped, every way composed', timed(15, static function () use ($book): void {
        AmpleMargin\Book\Slips\WhatNow::of($book, new AmpleMargin\Book\Slips\Asked(AmpleMargin\Plan\Making\SlipKind::Leaf, 11));
    }));
    said('what now?, a count was off', timed(15, static function () use ($book): void {
        AmpleMargin\Book\Slips\WhatNow::of($book, new AmpleMargin\Book\Slips\Asked(AmpleMargin\Plan\Making\SlipKind::Count, 22, 1, 18));
    }));
    printf("\nTwelve pages a practitioner timed, and what they are said to take undecorated\n");
    foreach (Tests\Practice::pages() as [$what, $took, $said]) {
        printf("%-52s %8.1f min, %3d said\n", $what, $took, $said);
    }
    printf("%-52s %8.1f\n\n", 'the one furthest off, by a factor of', Tests\Practice::factor());
    said(
        'PDF of the whole front matter',
        timed(10, static fn () => (new PdfWriter())->write((new Tests\Printed($book, PaperSize::A4))->guides($book->spreadPages()), 'bench'))
    );
    foreach (['guides:front, card, months', 'months, names, titles, letters:2027', 'dummy:half', 'dummy:quarter'] as $print) {
        $context = new Context($book, new PrintRoom(PaperSize::A4));
        $asked = Printables::read($print);
        $tray = BookTray::of($context, $asked);
        said(
            "tray of $print: ".count($tray->tray->sheets)." sheets, {$tray->tray->bound} at least",
            timed(3, static fn () => BookTray::of($context, $asked)),
        );
    }
    foreach ([30, 60, 120, 2_000] as $count) {
        $sizes = [];
        mt_srand($count);
        for ($i = 0; $i < $count; ++$i) {
            $sizes[] = [1_000 * mt_rand(15, 90), 1_000 * mt_rand(15, 90)];
        }
        $packed = Packing::of($sizes, 200_000, 277_000);
        said(
            "$count pieces of 15 to 90 mm: ".count($packed->sheets)." sheets, $packed->bound at least",
            timed(1, static fn () => Packing::of($sizes, 200_000, 277_000)),
        );
    }
    foreach ([10, 20, 40, 60, 100, 200, 300] as $count) {
        $taken = [];
        for ($seed = 1; $seed <= 20; ++$seed) {
            mt_srand($seed);
            $sections = [];
            for ($i = 0; $i < $count; ++$i) {
                $opening = 0 === mt_rand(0, 2);
                $sections[intdiv(5 * $i, $count)][] = new Placeable("s$i", "s$i", $opening ? 4 : 2, $opening);
            }
            array_push($taken, ...timed(1, static fn () => Placer::place($sections, new PageRules(1, 1000))));
        }
        sort($taken);
        said("place $count spreads in 5 sections, random", $taken);
    }
    $random = [];
    for ($seed = 1; $seed <= 150; ++$seed) {
        $one = Tests\Books::random($seed);
        array_push($random, ...timed(1, static fn () => (new AmpleMargin\Book\Pager(Tests\Books::first($one), new Layouts(Tests\Books::first($one), $catalogue)))->page()));
    }
    sort($random);
    said('place and range a random plan', $random);
    $spreads = [];
    for ($i = 0; $i < 50; ++$i) {
        $spreads[] = [
            'type' => 'add-spread',
            'kind' => ['notes', 'goals-by-area', 'quote', 'future-log'][$i % 4],
            'section' => ['front', 'goals', 'trackers'][$i % 3]
        ];
    }
    $large = Tests\Books::edited(Tests\Books::starter(Tests\Books::a5(240)), $spreads);
    said(
        'place and range 60 spreads, 12 months, 240 pages',
        timed(50, static fn () => (new AmpleMargin\Book\Pager(Tests\Books::first($large), new Layouts(Tests\Books::first($large), $catalogue)))->page())
    );
    said('compose the same', timed(30, static fn () => Composer::compose($large)));
    foreach ([10, 20, 40, 60, 76, 150, 200, 296] as $count) {
        $kinds = $catalogue->spreads();
        $many = Tests\Books::edited(
            Tests\Books::starter(Tests\Books::a5(min(900, 160 + 3 * $count + $count % 2)))->with(['spreads' => []]),
            array_map(static fn (int $i): array => ['type' => 'add-spread', 'kind' => $kinds[$i % count($kinds)]->id], range(1, $count))
        );
        $composed = Composer::compose($many);
        said("compose $count spreads of every kind, no page drawn", timed(15, static fn () => Composer::compose($many)));
        printf("%-52s %s\n", '', $composed->front->proven ? 'as few empty pages as can be' : 'the search ended at its bound');
        said('the same with all its findings', timed(15, static fn () => Composer::compose($many)->findings()));
    }
    $overfull = Tests\Books::edited(
        $large,
        [
            ['type' => 'use-pattern', 'pattern' => 'rich'],
            ['type' => 'set-weeks', 'weeks' => ['first' => 1, 'school' => 'split', 'pages' => '2']]
        ]
    );
    said('the least regretted way to make it fit', timed(3, static fn () => (new WaysToFit(Tests\Books::first($overfull)))->best()));
    foreach ([[60, 192], [160, 400], [300, 900]] as [$count, $pages]) {
        mt_srand(5);
        $kinds = $catalogue->spreads();
        $edits = array_map(
            static fn (): array => ['type' => 'add-spread', 'kind' => $kinds[mt_rand(0, count($kinds) - 1)]->id],
            range(1, $count)
        );
        $crowded = Tests\Books::edited(
            Tests\Books::starter(Tests\Books::a5($pages))->with(['spreads' => []]),
            [...$edits, ['type' => 'use-pattern', 'pattern' => 'rich']]
        );
        $proven = 'nothing is enough';
        said("ways to fit for $count spreads of every kind", timed(3, static function () use ($crowded, &$proven): void {
            $ways = new WaysToFit(
                Tests\Books::first($crowded),
                patience: new Patience(0.9, static fn (): float => hrtime(true) / 1e9)
            );
            $best = $ways->best();
            $ways->single();
            $proven = null === $best
                ? $proven
                : "regret $best->regret".($ways->isProven() ? ', proven least' : ", at least {$ways->bound()}");
        }));
        printf("%-52s %s\n", '', $proven);
    }
    exit;
}

/** @return array{int, string, float} status, body, milliseconds */
function ask(CurlHandle $curl, string $method, string $address, ?array $body = null): array
{
    curl_setopt_array(
        $curl,
        [
            CURLOPT_URL => $address,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_POSTFIELDS => null === $body ? '' : json_encode($body),
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Origin: '.preg_replace('#(//[^/]+).*#', '$1', $address)]
        ]
    );
    $start = hrtime(true);
    $answer = (string) curl_exec($curl);

    return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $answer, (hrtime(true) - $start) / 1e6];
}

$curl = curl_init();
$base = $argv[2].'/api';
for ($i = 0; $i < 20; ++$i) {
    ask($curl, 'GET', "$base/empty");
}
/** @param list<float> $taken rising */
function median(array $taken): float
{
    return $taken[intdiv(count($taken), 2)];
}

/** @return list<float> of so many edits, rising */
function edits(CurlHandle $curl, string $base, array &$made, int $times, int $from = 0): array
{
    $edits = [];
    for ($i = 0; $i < $times; ++$i) {
        $edit = ['type' => 'move-spread', 'spread' => 'quote', 'section' => 'front', 'before' => 0 === ($from + $i) % 2 ? 'key' : 'index'];
        $address = "$base/notebooks/{$made['id']}/edits";
        [$status, $answer, $taken] = ask($curl, 'POST', $address, ['version' => $made['version'], 'edit' => $edit]);
        if (200 !== $status) {
            exit("An edit was answered with $status: $answer\n");
        }
        $made = json_decode($answer, true);
        $edits[] = $taken;
    }
    sort($edits);

    return $edits;
}

/** @return list<float> of so many looks at an address, rising */
function looks(CurlHandle $curl, string $address, int $times): array
{
    $looks = array_map(static fn (): float => ask($curl, 'GET', $address)[2], range(1, $times));
    sort($looks);

    return $looks;
}

[, $answer] = ask($curl, 'POST', "$base/notebooks/sample");
$made = json_decode($answer, true);
// Taken in turn: a machine that runs faster or slower for a while does so for all three.
[$empty, $edits, $opened] = [[], [], []];
for ($i = 0; $i < 150; ++$i) {
    $empty[] = ask($curl, 'GET', "$base/empty")[2];
    array_push($edits, ...edits($curl, $base, $made, 1, $i));
    $opened[] = ask($curl, 'GET', "$base/notebooks/{$made['id']}")[2];
}
sort($empty);
sort($edits);
sort($opened);
said('an empty answer of the server', $empty);
said('an edit: sent, saved, composed, answered', $edits);
printf("%-52s %8.1f times\n", 'an edit against an empty answer', median($edits) / median($empty));
said('a book opened', $opened);
printf("%-52s %8.1f times\n", 'a book opened against an empty answer', median($opened) / median($empty));
$answer = (string) json_encode($made);
printf("%-52s %8.1f kB, %5.1f kB gzip\n", 'the whole book', strlen($answer) / 1000, strlen((string) gzencode($answer)) / 1000);
$at = "$base/notebooks/{$made['id']}";
$mark = static fn (array $one): string => "{$one['page']}.{$one['mark']}";
$had = static fn (array $pages): string => implode(',', array_map($mark, $pages));
$have = $made['parts'];
$pages = $had(json_decode(ask($curl, 'GET', "$at/drawings")[1], true)['pages']);
$titles = $sent = $drawn = [];
for ($i = 0; $i < 30; ++$i) {
    $edit = ['type' => 'set-spread', 'spread' => 'goals-by-area', 'title' => "Ebb and flow $i"];
    [, $answer, $one] = ask($curl, 'POST', "$at/edits", ['version' => $made['version'], 'edit' => $edit, 'have' => $have]);
    $changes = json_decode($answer, true);
    $made['version'] = $changes['version'];
    $have = array_replace($have, $changes['parts']);
    [, $drawings, $other] = ask($curl, 'GET', "$at/drawings?have=$pages");
    $pages = $had(json_decode($drawings, true)['pages']);
    [$titles[], $sent[], $drawn[]] = [$one + $other, strlen($answer) / 1000, strlen($drawings) / 1000];
}
sort($titles);
sort($sent);
sort($drawn);
said('a title of a spread, and the pages drawn for it', $titles);
printf("%-52s %8.1f kB%s\n", 'the answer to it', median($sent), aim('the answer to it', 'kB'));
printf("%-52s %8.1f kB%s\n", 'the pages drawn for it', median($drawn), aim('the pages drawn for it', 'kB'));
for ($i = 1; $i < 10; ++$i) {
    ask($curl, 'POST', "$base/notebooks/sample");
}
$few = looks($curl, "$base/notebooks", 60);
said('the shelf with 10 notebooks', $few);
// The others are copies of the last one, put in beside the program.
$shelf = new PDO('sqlite:'.getenv('AMPLE_DATABASE'));
$shelf->exec('WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < 1990)
    INSERT INTO notebook (id, version, edits, changed, plan, shelf)
    SELECT lower(hex(randomblob(16))), 1, 0, changed, plan, shelf FROM n, (SELECT * FROM notebook ORDER BY changed DESC LIMIT 1)');
$many = looks($curl, "$base/notebooks", 60);
said('the shelf with 2,000 notebooks', $many);
printf("%-52s %8.1f times\n", '2,000 against 10', median($many) / median($few));
edits($curl, $base, $made, 500);
said('an edit after 620 others, beside 2,000 notebooks', edits($curl, $base, $made, 60));
