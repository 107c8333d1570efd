<?php

/* The book's key in a part: its marks and what they mean, as the key designer has them. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Form\Legend as Key;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Region;
use AmpleMargin\Spread\Request;

final class KeyMarks implements Filling
{
    /** Boxes of a column of it: the mark with air round it, and a name; and of two rows. */
    private const WIDE = 9;
    private const TALL = 2;

    public function __construct(private readonly Key $form = new Key())
    {
    }

    public function name(): string
    {
        return 'Key';
    }

    public function purpose(): string
    {
        return 'The marks of the book’s key, and what they mean.';
    }

    public function fields(): array
    {
        return FormInPart::fields($this->form, 'key_columns');
    }

    public function narrowest(Request $asked): int
    {
        return self::WIDE;
    }

    public function least(Request $asked, int $wide): int
    {
        return self::TALL;
    }

    public function tall(Request $asked, int $wide): int
    {
        return 5 * self::TALL;
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $settings = $asked->settings->over([], ['key_columns']) + $asked->key;

        return FormInPart::fill($this->form, $asked, $region, $settings, 'the key', $from);
    }
}
