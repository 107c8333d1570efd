<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\HeldLists;
use AmpleMargin\Spread\Catalogue\Kind;
use PHPUnit\Framework\TestCase;
use Tests\Books;

/** What a page holds it still holds when a person has divided it: health, money and addresses stay private, goals stay goals. */
final class HeldTest extends TestCase
{
    public function testEveryKindThatIsDividedAndChangedKeepsWhatItHolds(): void
    {
        $catalogue = new Catalogue();
        $kept = 0;
        foreach ($catalogue->spreads() as $kind) {
            $before = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => $kind->id]]);
            $was = self::added($before);
            $after = self::divided($before, $was->id, self::last($before, $was), 'down');
            $now = $after->spread($was->id) ?? throw new \LogicException('It was divided.');
            [$held, $holds] = [$catalogue->of($was), $catalogue->of($now)];
            self::assertNotNull($held);
            self::assertNotNull($holds);
            self::assertSame($catalogue->byHand()->id, $now->kind);
            self::assertSame($held->privacy(), $holds->privacy(), $kind->id);
            foreach (Fact::OF_WHAT_IT_HOLDS as $fact) {
                self::assertSame($held->says($fact), $holds->says($fact), "$kind->id: {$fact->value}");
                if (\in_array($fact, [Fact::Goals, Fact::Challenges, Fact::Themes], true)) {
                    self::assertSame(
                        HeldLists::of($held, $fact, $was->settings),
                        HeldLists::of($holds, $fact, $now->settings),
                        "$kind->id: {$fact->value}",
                    );
                }
                $kept += $held->is($fact) ? 1 : 0;
            }
        }
        self::assertGreaterThan(20, $kept);
    }

    public function testAChallengeStillServesItsGoalWhenBothPagesAreDivided(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'add-spread', 'kind' => 'goals-by-quarter', 'settings' => [
                'within' => ['First quarter:', 'Learn the low notes', 'Mend the boat'],
            ]],
            ['type' => 'add-spread', 'kind' => 'monthly-challenges', 'settings' => [
                'challenges' => ['Scales → Learn the low notes', 'Tar → Paint the roof'],
            ]],
        ]);
        $said = self::aboutGoals($plan);
        self::assertCount(2, $said);
        foreach (['goals-by-quarter', 'monthly-challenges'] as $kind) {
            $spread = array_values(array_filter($plan->spreads, static fn (PlannedSpread $one): bool => $one->kind === $kind))[0];
            $plan = self::divided($plan, $spread->id);
            self::assertSame($said, self::aboutGoals($plan), $kind);
        }
    }

    public function testASavedPlanKeepsIt(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'mood']]);
        $plan = self::divided($plan, self::added($plan)->id);
        [$read] = Books::files()->read(Books::files()->file($plan, []));
        self::assertSame('mood', self::added($read)->settings[Kind::WAS] ?? null);
        // A kind that nobody knows any more, or nonsense, is nothing.
        foreach (['no-such-kind', 7, ['mood'], null] as $was) {
            $spread = self::added($read);
            $odd = $spread->with(['settings' => [Kind::WAS => $was] + $spread->settings]);
            self::assertNull((new Catalogue())->of($odd)?->privacy());
        }
    }

    private static function divided(Plan $plan, string $spread, string $at = '0', string $way = 'across'): Plan
    {
        return Books::edited($plan, [
            ['type' => 'part-page', 'spread' => $spread, 'do' => 'divide', 'at' => $at, 'way' => $way, 'parts' => 2],
        ]);
    }

    /** @return list<string> */
    private static function aboutGoals(Plan $plan): array
    {
        $says = array_map(static fn (Finding $one): string => $one->says, Composer::compose($plan)->findings());

        return array_values(array_filter($says, static fn (string $one): bool => str_contains($one, 'serves')));
    }

    private static function added(Plan $plan): PlannedSpread
    {
        $before = array_map(static fn (PlannedSpread $one): string => $one->id, Books::starter()->spreads);

        return array_values(array_filter($plan->spreads, static fn (PlannedSpread $one): bool => !\in_array($one->id, $before, true)))[0];
    }

    /** The last part of its first page, which divides where there is room. */
    private static function last(Plan $plan, PlannedSpread $spread): string
    {
        $leaves = Composer::compose($plan)->partsOf($spread)->placed()->leaves ?? [];

        return [] === $leaves ? '' : $leaves[0]->path;
    }
}
