<?php

/* The picture of a savings plan, coloured in as the sum grows: a jar, bars in steps, or boxes of a fixed amount. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Saving\SavingsPlan;
use AmpleMargin\Spread\Filling\Savings\BarsPicture;
use AmpleMargin\Spread\Filling\Savings\BoxesPicture;
use AmpleMargin\Spread\Filling\Savings\JarPicture;
use AmpleMargin\Spread\Filling\Savings\Picture;
use AmpleMargin\Spread\Filling\Savings\SavingsAsked;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\GivesWay;
use AmpleMargin\Spread\Part\OfTime;
use AmpleMargin\Spread\Setting\Field;

final class SavingsPicture implements Filling, GivesWay, OfTime
{
    public function shapedBy(array $settings): array
    {
        return OwnPeriod::OF_MONTHS;
    }

    public function name(): string
    {
        return 'Picture of savings';
    }

    public function purpose(): string
    {
        return 'A jar, bars or boxes to colour in, with the sums of the plan marked. A record, no advice.';
    }

    public function fields(): array
    {
        return [
            Field::choice('picture', 'Picture', ['jar' => 'a jar', 'bars' => 'bars in steps', 'boxes' => 'boxes of a fixed amount']),
            Field::count('box_worth', 'A box is worth', 1, SavingsPlan::LARGEST)->when('picture', ['boxes']),
            ...SavingsAsked::ofPicture(),
        ];
    }

    public function narrowest(Request $asked): int
    {
        [$wide] = self::picture($asked)->least($asked);

        return $wide;
    }

    public function least(Request $asked, int $wide): int
    {
        [, $tall] = self::picture($asked)->least($asked);

        return $tall;
    }

    public function tall(Request $asked, int $wide): int
    {
        return 2 * $this->least($asked, $wide);
    }

    public function ways(Request $asked, Region $region): array
    {
        return [
            ['say' => 'Draw it as bars', 'settings' => ['picture' => 'bars']],
            ['say' => 'Draw it as boxes', 'settings' => ['picture' => 'boxes', 'box_worth' => null]],
            ['say' => 'From the first Friday', 'settings' => ['first_payday' => null]],
            ['say' => 'Nothing there at first', 'settings' => ['begins' => 0]],
            ['say' => 'Every month bears the same', 'settings' => ['lighter' => []]],
        ];
    }

    public function fill(Request $asked, Region $region, int $from): Filled
    {
        $savings = SavingsAsked::of($asked);

        return null === $savings->plan
            ? new Filled(findings: $savings->findings())
            : self::picture($asked)->draw($asked, $savings->plan, $region);
    }

    private static function picture(Request $asked): Picture
    {
        return match ($asked->settings->choice('picture')) {
            'bars' => new BarsPicture(),
            'boxes' => new BoxesPicture(),
            default => new JarPicture(),
        };
    }
}
