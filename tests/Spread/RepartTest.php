<?php

/* A page parted otherwise, by hand: what is divided, joined, swapped and moved, and how it is written down. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Counting\Remainder;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Filling\Repart;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\PlacedLeaf;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class RepartTest extends TestCase
{
    /** 26 in 3 is 8, skip 1, 8, skip 1, 8; what filled the part stays in the first. */
    public function testAPartIsDividedAsTheCountingBenchDivides(): void
    {
        $page = Repart::of($this->page())->divided('1', Direction::Across, 3, null);
        self::assertSame(['0 title 0,0 26×3', '1.0 lines 0,3 8×35', '1.1 lines 9,3 8×35', '1.2 lines 18,3 8×35'], $this->stands($page));
        self::assertSame('8, skip 1, 8, skip 1, 8', $this->parts($page)->division('1')->run());
    }

    public function testJoinedAgainItIsThePageItWas(): void
    {
        $page = Repart::of($this->page())->divided('1', Direction::Down, 2, 1);
        $joined = Repart::of($page)->joined('1.0');
        self::assertSame($this->stands($this->page()), $this->stands($joined));
        self::assertSame($this->stands($this->page()), $this->stands(Repart::of($page)->joined('1.1')), 'the last is joined with the one before it');
    }

    public function testALineBetweenTwoPartsMovesByWholeBoxesAndNothingElseDoes(): void
    {
        $page = Repart::of($this->page())->divided('1', Direction::Across, 3, null);
        $moved = Repart::of($page)->moved($this->parts($page)->division('1'), 0, -3);
        self::assertSame(['0 title 0,0 26×3', '1.0 lines 0,3 5×35', '1.1 lines 6,3 11×35', '1.2 lines 18,3 8×35'], $this->stands($moved));
        $again = Repart::of($moved)->moved($this->parts($moved)->division('1'), 1, 2);
        self::assertSame(['0 title 0,0 26×3', '1.0 lines 0,3 5×35', '1.1 lines 6,3 13×35', '1.2 lines 20,3 6×35'], $this->stands($again));
    }

    public function testEveryPartKeepsABox(): void
    {
        $page = Repart::of($this->page())->divided('1', Direction::Across, 2, null);
        foreach ([-12 => null, -11 => '1.0 lines 0,3 1×35', 11 => '1.1 lines 25,3 1×35', 12 => null] as $by => $stands) {
            try {
                $moved = Repart::of($page)->moved($this->parts($page)->division('1'), 0, $by);
                self::assertContains($stands, $this->stands($moved));
            } catch (PartRefused $refused) {
                self::assertNull($stands);
                self::assertSame('Every part keeps a box: this line moves by -11 to 11.', $refused->getMessage());
            }
        }
    }

    public function testPartsChangePlacesAndWhatTakesWhatItNeedsTakesItsSizeAlong(): void
    {
        $page = Repart::of($this->page())->swapped('0');
        self::assertSame(['0 lines 0,0 26×35', '1 title 0,35 26×3'], $this->stands($page));
    }

    public function testAPartFilledOtherwiseKeepsItsNameAndWhatTheTwoHaveInCommon(): void
    {
        $page = Repart::of(Repart::of($this->page())->set('1', ['line' => '2', 'framed' => true]))->named('1', ' Books ');
        $leaf = Repart::of($page)->filled('1', Fillings::all()['log'])->leaves()[1];
        self::assertSame(['Books', ['line' => '2']], [$leaf->name, $leaf->settings]);
        self::assertSame([], Repart::of($page)->set('1', ['line' => null, 'framed' => null])->leaves()[1]->settings);
    }

    public function testWhatCannotBeIsRefusedWithThePart(): void
    {
        $page = $this->page();
        for ($i = 0; $i < 5; ++$i) {
            $page = Repart::of($page)->divided(implode('.', array_fill(0, $i + 1, '1')), 0 === $i % 2 ? Direction::Across : Direction::Down, 2, 0);
        }
        foreach ([
            ['1.1.1.1.1.1', static fn () => Repart::of($page)->divided('1.1.1.1.1.1', Direction::Across, 2, 0), 'divided 6 times at most'],
            ['', static fn () => Repart::of($page)->joined(''), 'divide it first'],
            ['7', static fn () => Repart::of($page)->swapped('7'), 'not there any more'],
            ['x', static fn () => Repart::of($page)->named('x', 'a'), 'not there any more'],
            ['1', static fn () => Repart::of($page)->named('1', 'a'), 'choose one of its parts'],
            ['0', static fn () => Repart::of($page)->divided('0', Direction::Across, 13, 0), '2 to 12'],
        ] as [$path, $change, $says]) {
            try {
                $change();
                self::fail("$says was expected.");
            } catch (PartRefused $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
                self::assertSame($path, $refused->path);
            }
        }
    }

    /** Random changes of random pages: what is written down reads back as the same page, and stands where it stood. */
    public function testWhatIsWrittenReadsBackAsTheSamePage(): void
    {
        $changed = 0;
        for ($seed = 1; $seed <= 400; ++$seed) {
            mt_srand($seed);
            $page = $this->page();
            for ($i = 0; $i < 12; ++$i) {
                try {
                    $page = $this->otherwise($page);
                    $this->parts($page);
                    ++$changed;
                } catch (PartRefused|NoRoom) {
                    break;
                }
                $json = json_encode(PartingFile::written($page), \JSON_THROW_ON_ERROR);
                $read = PartingFile::read(json_decode($json));
                self::assertSame($json, json_encode(PartingFile::written($read)), "seed $seed");
                self::assertSame($this->stands($page), $this->stands($read), "seed $seed");
            }
        }
        self::assertGreaterThan(1_500, $changed);
    }

    public function testAFileThatIsNoPartingSaysWhichPart(): void
    {
        foreach ([
            ['', 'nothing', 'what fills it'],
            ['', ['divide' => 'sideways', 'parts' => [['fill' => 'lines']]], 'across or down'],
            ['', ['divide' => 'down', 'parts' => []], 'has parts'],
            ['1', ['divide' => 'down', 'parts' => [['fill' => 'lines'], ['fill' => 'soup']]], '“soup”'],
            ['0', ['divide' => 'down', 'parts' => [['boxes' => 0, 'fill' => 'lines']]], '1 to 200 boxes'],
            ['0', ['divide' => 'down', 'parts' => [['fill' => 'lines', 'name' => 7]]], '200 letters'],
            ['0', ['divide' => 'down', 'parts' => [['fill' => 'lines', 'settings' => 'a']]], 'named values'],
            ['', ['divide' => 'down', 'gap' => -1, 'parts' => [['fill' => 'lines']]], '0 to 20'],
            ['', ['divide' => 'down', 'leftover' => 'exact', 'parts' => [['fill' => 'lines']]], 'left over'],
            ['', ['divide' => 'down', 'parts' => array_fill(0, 41, ['fill' => 'lines'])], '40 parts'],
        ] as [$path, $written, $says]) {
            try {
                PartingFile::read($written);
                self::fail($says);
            } catch (PartRefused $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
                self::assertSame($path, $refused->path);
            }
        }
    }

    public function testEveryKindMadeOfPartsReadsBackAsItself(): void
    {
        $kinds = 0;
        foreach ((new \AmpleMargin\Spread\Catalogue\Catalogue())->spreads() as $kind) {
            $asked = Asking::of($kind);
            $piece = $kind->form->parting($asked);
            $read = PartingFile::read(json_decode(json_encode(PartingFile::written($piece), \JSON_THROW_ON_ERROR)));
            self::assertSame($this->stands($piece, $asked), $this->stands($read, $asked), $kind->id);
            ++$kinds;
        }
        self::assertGreaterThan(20, $kinds);
    }

    private function otherwise(Portion $page): Portion
    {
        $parts = $this->parts($page);
        $leaf = $parts->leaves[mt_rand(0, \count($parts->leaves) - 1)]->path;
        $division = $parts->divisions[mt_rand(0, \count($parts->divisions) - 1)];
        $fillings = array_values(Fillings::all());

        return match (mt_rand(0, 6)) {
            0, 1 => Repart::of($page)->divided($leaf, 0 === mt_rand(0, 1) ? Direction::Across : Direction::Down, mt_rand(2, 4), [null, 0, 1][mt_rand(0, 2)]),
            2 => Repart::of($page)->moved($division, mt_rand(0, max(0, \count($division->stretches) - 2)), mt_rand(-3, 3)),
            3 => Repart::of($page)->swapped($leaf),
            4 => Repart::of($page)->filled($leaf, $fillings[mt_rand(0, \count($fillings) - 1)]),
            5 => Repart::of($page)->sized($leaf, [Size::needed(), Size::boxes(mt_rand(1, 9)), Size::share(2)][mt_rand(0, 2)]),
            default => Repart::of($page)->gapped($division->path, mt_rand(0, 2), [Remainder::Outside, Remainder::After][mt_rand(0, 1)]),
        };
    }

    private function page(): Portion
    {
        return Parting::down([Size::needed(), FilledPart::of(new Title())], [Size::share(), FilledPart::of(new Lines())]);
    }

    private function parts(Portion $page): PartsOfPage
    {
        return PartsOfPage::of($page, new Asker(Asking::of(new Parted($page))));
    }

    /** @return list<string> "path filling x,y wide×tall" on 26 × 38 */
    private function stands(Portion $page, ?\AmpleMargin\Spread\Page\Request $asked = null): array
    {
        return array_map(
            static fn (PlacedLeaf $leaf): string => "$leaf->path ".Fillings::word($leaf->leaf->filling)
                ." {$leaf->region->x},{$leaf->region->y} {$leaf->region->wide}×{$leaf->region->tall}",
            PartsOfPage::of($page, new Asker($asked ?? Asking::of(new Parted($page))))->leaves,
        );
    }

    /** Pages are added behind the one a part stands on, and taken out; the last one stays what it was. */
    public function testAPageIsAddedBehindAnotherAndTakenOut(): void
    {
        $page = FilledPart::of(new Lines(), 'One');
        $two = Repart::of($page)->withPage('');
        self::assertInstanceOf(Run::class, $two);
        $three = Repart::of(Repart::of($two)->named('1', 'Three'))->withPage('0');
        $names = static fn (Portion $piece): array => array_map(static fn (FilledPart $leaf): ?string => $leaf->name, $piece->leaves());
        self::assertSame(['One', null, 'Three'], $names($three));
        $divided = Repart::of($three)->divided('1', Direction::Down, 3, 1);
        self::assertCount(5, $divided->leaves());
        self::assertSame(['One', 'Three'], $names(Repart::of($divided)->withoutPage('1.2')));
        $left = Repart::of(Repart::of($divided)->withoutPage('1.0'))->withoutPage('1');
        self::assertSame(['One'], $names($left));
        self::assertInstanceOf(FilledPart::class, $left);

        foreach ([
            static fn (): Portion => Repart::of($left)->withoutPage(''),
            static fn (): Portion => Repart::of($three)->withoutPage('7'),
            static fn (): Portion => Repart::of($three)->joined('1'),
            static fn (): Portion => Repart::of(Run::of(array_fill(0, Run::MOST, $page)))->withPage('3'),
        ] as $refused) {
            try {
                $refused();
                self::fail('taken');
            } catch (PartRefused $says) {
                self::assertNotSame('', $says->getMessage());
            }
        }
    }

    public function testARunIsWrittenAndReadAgain(): void
    {
        $run = Run::of([FilledPart::of(new Lines(), 'Left'), Parting::down([Size::boxes(3), FilledPart::of(new Lines())], [Size::share(), FilledPart::of(new Lines(), 'Right')])]);
        $written = PartingFile::written($run);
        self::assertEquals($run, PartingFile::read(json_decode((string) json_encode($written))));

        foreach ([
            ['pages' => [['fill' => 'lines']]],
            ['pages' => 'two'],
            ['pages' => array_fill(0, 13, ['fill' => 'lines'])],
            ['pages' => [['fill' => 'lines'], ['pages' => [['fill' => 'lines'], ['fill' => 'lines']]]]],
        ] as $wrong) {
            try {
                PartingFile::read($wrong);
                self::fail((string) json_encode($wrong));
            } catch (PartRefused $says) {
                self::assertNotSame('', $says->getMessage());
            }
        }
    }
}
