<?php

/*
 * Pages of parts that can be laid out in more than one way: with other rows, more or fewer cells or wider columns. Which of them
 * there are follows from what the kind asks for.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class PartedLayouts implements Form, HasLayouts
{
    /** Settings that decide how a page is laid out: value → how a person says it. */
    private const LINE = ['1' => '1 box a row', '1.5' => '1½ boxes a row', '2' => '2 boxes a row', '3' => '3 boxes a row'];
    private const ACROSS = [2 => 'two across', 3 => 'three across', 4 => 'four across'];
    private const COLUMN = [1 => 'a box a column', 2 => '2 boxes a column', 4 => '4 boxes a column, for amounts'];

    /** What a kind must ask for to have more layouts than one. */
    private const DECIDES = ['line', 'across', 'column', 'frame_width'];

    /** @param HasLayouts|null $own a filling that knows its layouts; null where they follow from what is asked */
    private function __construct(private readonly Parted $parted, private readonly ?HasLayouts $own = null)
    {
    }

    /** With layouts where it asks for something that makes another; without where it does not. */
    public static function of(Portion $piece): Form
    {
        $asks = array_merge([], ...array_map(static fn (FilledPart $leaf): array => array_keys($leaf->open), $piece->leaves()));
        $parted = new Parted($piece);
        foreach ($piece->leaves() as $leaf) {
            if ($leaf->filling instanceof HasLayouts) {
                return new self($parted, $leaf->filling);
            }
        }

        return [] === array_intersect(self::DECIDES, $asks) ? $parted : new self($parted);
    }

    public function fields(): array
    {
        return $this->parted->fields();
    }

    public function layOut(Request $request): Laid
    {
        return $this->parted->layOut($request);
    }

    public function isByMonth(): bool
    {
        return $this->parted->isByMonth();
    }

    public function parting(Request $request): Portion
    {
        return $this->parted->parting($request);
    }

    public function parts(Request $request): PartsOfPage
    {
        return $this->parted->parts($request);
    }

    public function layouts(Request $request): array
    {
        if (null !== $this->own) {
            return $this->own->layouts($request);
        }
        $asked = array_flip(array_column($this->fields(), 'name'));
        if (isset($asked['frame_width'])) {
            return self::ofFrames($request);
        }
        $layouts = [];
        foreach (isset($asked['across']) ? self::ACROSS : [] as $across => $says) {
            $layouts[] = new Layout('Cells '.$says, ['across' => $across]);
        }
        foreach (isset($asked['column']) ? self::COLUMN : [] as $column => $says) {
            foreach (['1', '1.5', '2'] as $line) {
                // Six are enough to compare: an amount is not written on a row of a box.
                if (!(4 === $column && '1' === $line) && !(2 === $column && '1' !== $line)) {
                    $layouts[] = new Layout(ucfirst(self::LINE[$line]).', '.$says, ['line' => $line, 'column' => $column]);
                }
            }
        }
        foreach ([] === $layouts && isset($asked['line']) ? self::LINE : [] as $line => $says) {
            $layouts[] = new Layout(ucfirst($says), ['line' => (string) $line]);
        }
        if (!isset($asked['column']) && !isset($asked['columns'])) {
            return $layouts;
        }
        $upright = array_map(
            static fn (Layout $one): Layout => new Layout($one->name, $one->settings + [Settings::TURNED => false]),
            $layouts,
        );

        return [...$upright, ...array_map(
            static fn (string $line): Layout => new Layout('Page turned, '.self::LINE[$line], ['line' => $line, Settings::TURNED => true]),
            ['1', '1.5'],
        )];
    }

    /**
     * A frame stays as large as what goes into it, so only the page can lie otherwise, and the captions be left out.
     *
     * @return list<Layout>
     */
    private static function ofFrames(Request $request): array
    {
        $rows = max(1, $request->settings->count('caption'));
        $layouts = [];
        foreach (['Page upright' => false, 'Page turned' => true] as $says => $turned) {
            foreach (['captions below' => $rows, 'no captions' => 0] as $below => $caption) {
                $layouts[] = new Layout("$says, $below", ['caption' => $caption, Settings::TURNED => $turned]);
            }
        }

        return $layouts;
    }
}
