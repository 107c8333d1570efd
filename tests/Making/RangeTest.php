<?php

declare(strict_types=1);

namespace Tests\Making;

use AmpleMargin\Making\Range;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RangeTest extends TestCase
{
    #[TestWith([21, 30, '21 to 30 min'])]
    #[TestWith([30, 30, '30 min'])]
    #[TestWith([80, 119, '80 to 119 min'])]
    #[TestWith([100, 120, '100 to 120 min (1½ to 2 hours)'])]
    #[TestWith([228, 363, '228 to 363 min (4 to 6 hours)'])]
    #[TestWith([175, 190, '175 to 190 min (about 3 hours)'])]
    public function testFromTwoHoursOnTheHoursAreSaidToo(int $least, int $most, string $says): void
    {
        self::assertSame($says, (new Range($least, $least, $most))->says());
    }
}
