<?php

/*
 * Frames of a real size: a photo, a cover, a card, a swatch. Millimetres are rounded up to whole boxes, so that what is glued in
 * always fits; as many as there is room for stand on a page, and the others go on.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Inset;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Fastened;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\Layers;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Part\TakenUp;
use AmpleMargin\Spread\Setting\Field;

final class Frames implements TakenUp, GivesWay, OfTime
{
    /** Boxes between frames at most: more would look like a gap in a row (common practice, no source). */
    private const WIDEST_GAP = 4;

    public function shapedBy(array $settings): array
    {
        return 'months' === ($settings['frames_for'] ?? null) ? OwnPeriod::OF_MONTHS : [];
    }

    public function name(): string
    {
        return 'Frames';
    }

    public function purpose(): string
    {
        return 'Frames of a real size in mm: photos, covers, swatches; numbered, named, or one a month.';
    }

    public function fields(): array
    {
        return [
            Field::count('frame_width', 'A frame, mm wide', 3, 300, 54),
            Field::count('frame_height', 'A frame, mm tall', 3, 300, 86),
            Field::choice('frames_for', 'Frames for', [
                'numbers' => 'numbers',
                'names' => 'names of your own, in your order',
                'months' => 'the months of the book',
            ]),
            Field::count('frame_count', 'How many', 1, 400)->when('frames_for', ['numbers']),
            Field::lines('frame_names', 'Names')->when('frames_for', ['names']),
            Field::count('caption', 'Rows below each for its caption', 0, 4, 1),
            Field::flag('glued_in', 'Filled with something glued in', false),
        ];
    }

    public function narrowest(Request $asked): int
    {
        return $this->size($asked)[0];
    }

    public function least(Request $asked, int $wide): int
    {
        return $this->size($asked)[1] + $asked->settings->count('caption');
    }

    public function tall(Request $asked, int $wide): int
    {
        $across = self::fit($wide, $this->size($asked)[0]);
        $rows = intdiv(\count($this->names($asked)) + $across - 1, $across);

        return $rows * ($this->least($asked, $wide) + 1) - 1;
    }

    public function ways(Request $asked, Region $region): array
    {
        [$pitch, $caption] = [$asked->grid->pitch, $asked->settings->count('caption')];
        $wide = max(3, intdiv($region->wide * $pitch, 1000));
        $tall = max(3, intdiv(($region->tall - $caption) * $pitch, 1000));
        [$asksWide, $asksTall] = [$asked->settings->count('frame_width'), $asked->settings->count('frame_height')];

        return [
            ['say' => 'No caption', 'settings' => ['caption' => 0]],
            [
                'say' => "Frames $asksTall mm wide and $asksWide mm tall",
                'settings' => ['frame_width' => $asksTall, 'frame_height' => $asksWide],
            ],
            [
                'say' => 'Frames as large as the part: '.min($asksWide, $wide).' × '.min($asksTall, $tall).' mm',
                'settings' => ['frame_width' => min($asksWide, $wide), 'frame_height' => min($asksTall, $tall)],
            ],
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        [$wide, $tall] = $this->size($asked);
        $caption = $asked->settings->count('caption');
        $across = self::fit($region->wide, $wide);
        $down = self::fit($region->tall, $tall + $caption);
        $names = $this->names($asked);
        $here = \array_slice($names, $from, $across * $down);
        [$beside, $below] = [self::gap($region->wide, $across, $wide), self::gap($region->tall, $down, $tall + $caption)];
        // What is left over across stands on both sides.
        $left = $region->x + intdiv($region->wide - $across * $wide - ($across - 1) * $beside, 2);
        $places = [];
        foreach ($here as $i => $name) {
            $x = $left + $i % $across * ($wide + $beside);
            $places[] = [$name, $x, $region->y + intdiv($i, $across) * ($tall + $caption + $below)];
        }
        $size = [1_000 * $asked->settings->count('frame_width'), 1_000 * $asked->settings->count('frame_height')];
        $next = $from + \count($here) < \count($names) ? $from + \count($here) : null;

        return new Filled(
            top: self::ticks($places, 1, $wide, "frames: $across × $wide, $beside between"),
            side: self::ticks($places, 2, $tall, "frames: $down × $tall"),
            workings: fn (): array => [
                new Working('frames', "$wide × $tall boxes", $this->rounded($asked, $wide, $tall)),
                new Working('across', "$across across", self::sum($region->wide, $across, $wide, $beside)),
                new Working('down', Plural::of($down, 'row', 'rows'), self::sum($region->tall, $down, $tall + $caption, $below)
                    .(null === $next && 0 === $from ? '' : '; '.\count($here).' of '.\count($names).' here, '.$across * $down.' a page')),
            ],
            findings: 0 === $from ? $this->findings($asked, $wide) : [],
            layers: new Layers(
                ink: static function (Canvas $canvas) use ($places, $wide, $tall, $caption, $size): void {
                    $canvas->step(Task::Ink, 'Rule '.Plural::of(\count($places), 'frame', 'frames')." of $wide × $tall boxes.", 'frames');
                    foreach ($places as [$name, $x, $y]) {
                        $canvas->frame(Layer::Ink, $x, $y, $wide, $tall);
                        $canvas->cells($x, $y, $wide, $tall);
                        $canvas->inset(new Inset('frame', $name, $size[0], $size[1], label: 0 === $caption ? min(2, $wide) : $wide));
                        if ($caption > 1) {
                            $canvas->room($name, $name, $x, $y + $tall + 1, $wide, $caption - 1, 1);
                        }
                    }
                },
                write: static function (Canvas $canvas) use ($places, $wide, $tall, $caption): void {
                    $canvas->step(Task::Write, 0 === $caption
                        ? 'Write into the upper left box of each frame what it is for.'
                        : 'Write below each frame what it is for.', 'frames');
                    foreach ($places as [$name, $x, $y]) {
                        $row = 0 === $caption ? $y : $y + $tall;
                        ctype_digit($name)
                            ? $canvas->words(Layer::Writing, $x, $row, min(2, $wide), 1, $name, Align::Middle)
                            : $canvas->words(Layer::Writing, Fraction::of(4 * $x + 1, 4), $row, Fraction::of(2 * $wide - 1, 2), 1, $name);
                    }
                },
            ),
            check: new Check("Count one frame: $wide × $tall boxes."),
            next: $next,
            fastened: new Fastened($asked->settings->flag('glued_in') ? 1 : 0),
        );
    }

    /** @return array{int, int} whole boxes across and down, rounded up */
    private function size(Request $asked): array
    {
        $boxes = static fn (int $mm): int => Millimetres::boxes(1000 * $mm, $asked->grid->pitch);

        return [$boxes($asked->settings->count('frame_width')), $boxes($asked->settings->count('frame_height'))];
    }

    /** How many of a size stand along a side with a box between, one at least. */
    private static function fit(int $side, int $size): int
    {
        return max(1, intdiv($side + 1, $size + 1));
    }

    /** Boxes between frames: what is left, shared. */
    private static function gap(int $side, int $count, int $size): int
    {
        return 1 === $count ? 0 : min(self::WIDEST_GAP, intdiv($side - $count * $size, $count - 1));
    }

    /**
     * @param list<array{string, int, int}> $places
     * @param 1|2                           $at   which of a place's figures counts along the side
     * @param int                           $size boxes of a frame along it
     *
     * @return array<int, string>
     */
    private static function ticks(array $places, int $at, int $size, string $what): array
    {
        $ticks = [];
        foreach ($places as $place) {
            $ticks[$place[$at]] = $ticks[$place[$at] + $size] = $what;
        }

        return $ticks;
    }

    private function rounded(Request $asked, int $wide, int $tall): string
    {
        $said = static function (int $mm, int $boxes) use ($asked): string {
            $exact = Millimetres::rounded(1000 * $mm / $asked->grid->pitch, 1);

            return "$mm mm ".('1' === $exact ? 'are 1 box' : "are $exact boxes").", so $boxes";
        };

        return $said($asked->settings->count('frame_width'), $wide).'; '.$said($asked->settings->count('frame_height'), $tall);
    }

    private static function sum(int $side, int $count, int $size, int $gap): string
    {
        $left = $side - $count * $size - ($count - 1) * $gap;

        return "$side boxes = $count × $size".(1 === $count ? '' : ' + '.($count - 1)." × $gap").($left > 0 ? " + $left left over" : '');
    }

    /** @return list<Finding> names too long for the caption of their frame */
    private function findings(Request $asked, int $wide): array
    {
        foreach ($this->names($asked) as $name) {
            if ($asked->boxesOf($name) > $wide) {
                return [new Finding(
                    $asked->id,
                    "“{$name}” takes ".Plural::boxes($asked->boxesOf($name))." {$asked->hand()->said()}; a frame has $wide. Shorten it.",
                    [],
                    false,
                )];
            }
        }

        return [];
    }

    /** @return list<string> */
    private function names(Request $asked): array
    {
        return match ($asked->settings->choice('frames_for')) {
            'names' => [] === $asked->settings->lines('frame_names') ? ['…'] : $asked->settings->lines('frame_names'),
            'months' => array_map(
                static fn (Month $month): string => $asked->calendar->names->month($month->month),
                $asked->calendar->months(),
            ),
            default => array_map(strval(...), range(1, $asked->settings->countOrNull('frame_count') ?? 12)),
        };
    }
}
