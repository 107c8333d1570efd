<?php

/* What a person said of a savings plan, read: its paydays, the months that bear less, and what cannot be. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Savings;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Saving\PaydayRule;
use AmpleMargin\Saving\Paydays;
use AmpleMargin\Saving\SavingsPlan;
use AmpleMargin\Saving\Weekend;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class SavingsAsked
{
    /** Settings of a plan, whatever is drawn of it. */
    public const NAMES = ['target', 'begins', 'paid', 'pay_day', 'first_payday', 'weekend', 'times', 'each', 'lighter'];

    /** Of them, those that change nothing in a picture: on which day of its month something is put aside. */
    private const OF_THE_LIST = ['pay_day', 'weekend'];

    private const BY_WEEK = [PaydayRule::Fortnights->value, PaydayRule::Weeks->value];

    private const DATED = [PaydayRule::HalfMonths->value, PaydayRule::Months->value, ...self::BY_WEEK];

    private const USUAL_TARGET = 1_200;

    /** Hundredths a month can bear at most. From memory. */
    private const HEAVIEST = 400;

    public readonly PaydayRule $rule;

    /** Null where there can be none. */
    public readonly ?SavingsPlan $plan;

    /** @var list<array{Day, Day}> */
    public readonly array $paydays;

    private readonly int $target;

    private readonly int $begins;

    private readonly ?int $each;

    /** @var list<string> lines of months that cannot be read */
    private readonly array $unread;

    /** @var \WeakMap<Request, self>|null */
    private static ?\WeakMap $read = null;

    /** Read once for each time somebody asks for it: for its size, its least and its filling. */
    public static function of(Request $asked): self
    {
        self::$read ??= new \WeakMap();

        return self::$read[$asked] ??= new self($asked);
    }

    private readonly string $id;

    private readonly Names $names;

    private function __construct(Request $asked)
    {
        // Not the whole of what is asked: what is kept for that must not hold it.
        $this->id = $asked->id;
        $this->names = $asked->calendar->names;
        $settings = $asked->settings;
        $this->rule = PaydayRule::from($settings->choice('paid'));
        $this->target = $settings->count('target');
        $this->begins = $settings->count('begins');
        $this->each = $settings->countOrNull('each');
        $this->paydays = Paydays::in(
            $asked->calendar->period,
            $this->rule,
            $settings->dayOrNull('first_payday'),
            $settings->count('pay_day'),
            Weekend::from($settings->choice('weekend')),
        );
        [$weights, $this->unread] = $this->weights($settings->lines('lighter'));
        $this->plan = match (true) {
            null !== $this->each => SavingsPlan::fixed(
                $this->target,
                $this->begins,
                $this->each,
                PaydayRule::Times === $this->rule ? null : $this->paydays,
            ),
            PaydayRule::Times === $this->rule => SavingsPlan::times($this->target, $this->begins, $settings->count('times')),
            [] === $this->paydays => null,
            default => SavingsPlan::shared($this->target, $this->begins, $this->paydays, $weights),
        };
    }

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::count('target', 'To be saved, in whole units', 1, SavingsPlan::LARGEST, self::USUAL_TARGET),
            Field::count('begins', 'Saved already', 0, SavingsPlan::LARGEST, 0),
            Field::choice('paid', 'Something is put aside', PaydayRule::words()),
            Field::count('pay_day', 'On day of the month (31 for the last)', 1, 31, 31)->when('paid', [PaydayRule::Months->value]),
            Field::day('first_payday', 'A payday (else the first Friday)')->when('paid', self::BY_WEEK),
            Field::choice('weekend', 'On a Saturday or Sunday', [
                Weekend::Stays->value => 'stays there',
                Weekend::Before->value => 'the Friday before',
                Weekend::After->value => 'the Monday after',
            ])->when('paid', self::DATED),
            Field::count('times', 'How many times', 1, Paydays::MOST, 52)->when('paid', [PaydayRule::Times->value]),
            Field::count('each', 'The same amount each time', 1, SavingsPlan::LARGEST),
            Field::lines('lighter', 'Months that bear less or more, in hundredths of the others, such as “December 50”')
                ->when('paid', self::DATED),
        ];
    }

    /** @return list<Field> the same, asked for where only a picture is drawn */
    public static function ofPicture(): array
    {
        return array_map(
            static fn (Field $field): Field => \in_array($field->name, self::OF_THE_LIST, true) ? $field->unasked() : $field,
            self::fields(),
        );
    }

    /** @return list<string> names of those settings */
    public static function namesOfPicture(): array
    {
        return array_values(array_diff(self::NAMES, self::OF_THE_LIST));
    }

    /** Boxes that the largest sum takes beside a picture, and one for air. */
    public static function label(Request $asked): int
    {
        return $asked->boxesOf((string) $asked->settings->count('target')) + 1;
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $says = static fn (string $says, bool $broken = false): Finding => new Finding('', $says, [], $broken);
        $findings = [];
        $left = $this->target - $this->begins;
        $count = \count($this->plan->deposits ?? []);
        if (null === $this->plan) {
            $findings[] = $says(match (true) {
                $left < 1 => "There are $this->begins already, so nothing is left to put aside for $this->target. Aim higher.",
                [] === $this->paydays => 'The first payday lies behind the end of the book. Name one in it, or one before it.',
                default => 'No month with a payday bears anything. Give one of them more than 0.',
            }, true);
        } elseif ($this->plan->short > 0) {
            $needed = intdiv($left + max(1, $count) - 1, max(1, $count));
            $findings[] = $says(Plural::of($count, 'payday', 'paydays')." × $this->each miss the aim by {$this->plan->short}. "
                ."With $needed each time it is reached.");
        } elseif ($left < $count) {
            $none = $count - $left;
            $findings[] = $says("$left to put aside on $count paydays: on $none of them it is nothing. Put aside less often.");
        }
        foreach ($this->unread as $line) {
            $most = self::HEAVIEST;
            $findings[] = $says("“{$line}” names no month and number up to $most, such as “{$this->names->month(12)} 50”. It is left out.");
        }

        return array_map(fn (Finding $one): Finding => new Finding($this->id, $one->says, [], $one->broken), $findings);
    }

    /** How the amounts come about, as a working. */
    public function working(): string
    {
        $plan = $this->plan;
        if (null === $plan) {
            return '';
        }
        $left = $plan->target - $plan->begins;
        $begins = 0 === $plan->begins ? '' : "$plan->target − $plan->begins there already = $left; ";
        if (0 !== $plan->short) {
            return "$begins$plan->short missing of $left";
        }
        $rounded = '';
        if ($plan->isRounded()) {
            $exact = $plan->exact(0);
            $rounded = '; rounded to whole units, the largest fractions up, so that the sum is met'
                .(1 === \count(array_unique(array_map(strval(...), array_map($plan->exact(...), array_keys($plan->deposits)))))
                    ? ": each is $exact" : '');
        }

        return "$begins$left = {$plan->counted()}$rounded";
    }

    /**
     * @param list<string> $lines
     *
     * @return array{array<int, int>, list<string>} month → hundredths, and what cannot be read
     */
    private function weights(array $lines): array
    {
        $weights = $unread = [];
        foreach ($lines as $line) {
            $said = 1 === preg_match('/^(.+?)[\s:]+(\d{1,3})\s*%?$/u', trim($line), $found) ? $found : ['', '', ''];
            $month = $this->month($said[1]);
            null === $month || (int) $said[2] > self::HEAVIEST ? $unread[] = $line : $weights[$month] = (int) $said[2];
        }

        return [$weights, $unread];
    }

    /** A month by its name or short name, in the language of the paper or of this program, or by its number. */
    private function month(string $said): ?int
    {
        $english = new Names('en');
        for ($month = 1; $month <= 12; ++$month) {
            $all = [(string) $month];
            foreach ([$this->names, $english] as $names) {
                array_push($all, mb_strtolower($names->month($month)), mb_strtolower($names->monthShort($month)));
            }
            if (\in_array(mb_strtolower(trim($said, ' .')), array_map(static fn (string $one): string => trim($one, '.'), $all), true)) {
                return $month;
            }
        }

        return null;
    }
}
