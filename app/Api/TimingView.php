<?php

/* Minutes of the pages of an opening: what they should take, what they took, what is running. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Making\Timer;
use AmpleMargin\Making\Worked;
use AmpleMargin\Plan\Making\MakingPlan;
use AmpleMargin\Plan\Making\TimedPage;

final class TimingView
{
    /**
     * @param list<int>                                              $pages
     * @param list<array{drawing: string, step: string, at: int}>    $ticks
     *
     * @return list<array<string, mixed>> one for each page that is drawn
     */
    public static function of(Book $book, array $pages, array $ticks): array
    {
        $known = $usual = $views = [];
        foreach ($pages as $page) {
            $drawing = $book->drawing($page);
            if (null === $drawing) {
                continue;
            }
            [$name, $nth] = $book->nameAndNth($page);
            $decoration = $book->plan->whole->making->decorate[$name] ?? 0;
            $work = Worked::of([$drawing], $decoration);
            $key = MakingPlan::page($name, $nth);
            foreach ($drawing->steps as $step) {
                $known[$name] = array_fill_keys([$step->key, ...$step->formerly], $key) + ($known[$name] ?? []);
            }
            $usual[$key] = $book->pace()->likely($work) / max(1, \count($drawing->steps));
            $timed = array_values(array_filter(
                $book->plan->whole->making->timed,
                static fn (TimedPage $one): bool => $one->on === $name && $one->nth === $nth,
            ))[0] ?? null;
            $views[$key] = [
                'page' => $page,
                'drawing' => $name,
                'nth' => $nth,
                'estimate' => MinutesView::of($book->pace()->minutes($work)),
                'decoration' => $decoration,
                'took' => $timed?->minutes,
                'said' => $timed->said ?? false,
                'running' => 0,
                'work' => (object) $work->written(),
            ];
        }
        $at = array_map(static fn (array $tick): array => [
            // Steps of other pages are known by their drawing alone: they only say when somebody was busy elsewhere.
            $known[$tick['drawing']][$tick['step']] ?? '',
            $tick['at'],
        ], $ticks);
        foreach (Timer::seconds($at, $usual) as $key => $seconds) {
            if (isset($views[$key])) {
                $views[$key]['running'] = min(TimedPage::LONGEST, (int) ceil($seconds / 60));
            }
        }

        return array_values($views);
    }

    /**
     * Minutes that were drawn, by day.
     *
     * @param list<array{drawing: string, step: string, at: int}> $ticks
     *
     * @return array<string, int>
     */
    public static function byDay(array $ticks): array
    {
        $at = array_map(static fn (array $tick): array => [date('Y-m-d', $tick['at']), $tick['at']], $ticks);
        // A step takes a page's minutes by its steps: three, about.
        $usual = array_fill_keys(array_column($at, 0), 180.0);

        return array_map(static fn (int $seconds): int => (int) ceil($seconds / 60), Timer::seconds($at, $usual));
    }
}
