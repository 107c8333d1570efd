<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;
use AmpleMargin\Spread\Setting\Field;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

/** What the parts of one page are asked for, where two of them are asked for the same. */
final class AskedTest extends TestCase
{
    private static function page(): Parting
    {
        return Parting::across(
            [Size::share(), FilledPart::of(new Lines(), 'To keep')->open('items', 'look')],
            [Size::share(), FilledPart::of(new Lines(), 'To give')->open('look', given: 'items', half: 'rows')],
        );
    }

    /** @return list<string> */
    private static function names(Parting $page): array
    {
        return array_map(static fn (Field $field): string => $field->name, (new Parted($page))->fields());
    }

    public function testWhatTwoAreAskedForUnderOneNameIsAskedOnceAndUnderTwoTwice(): void
    {
        self::assertSame(['items', 'look', 'given', 'half'], self::names(self::page()));
    }

    public function testEachPartReadsWhatIsSaidUnderItsName(): void
    {
        $parted = new Parted(self::page());
        $request = Asking::of($parted, ['items' => ['Kettle'], 'given' => ['Lamp', 'Chair'], 'half' => 7, 'look' => 'plain']);
        $asker = new Asker($request);
        [$keep, $give] = array_map(static fn (FilledPart $leaf) => $asker->of($leaf)->settings, self::page()->leaves());
        self::assertSame([['Kettle'], ['Lamp', 'Chair']], [$keep->lines('items'), $give->lines('items')]);
        self::assertSame([null, 7], [$keep->countOrNull('rows'), $give->countOrNull('rows')]);
        self::assertSame(['plain', 'plain'], [$keep->choice('look'), $give->choice('look')]);
        $settled = self::page()->settled($asker)->leaves();
        $settings = $settled[1]->settings;
        ksort($settings);
        self::assertSame(['items' => ['Lamp', 'Chair'], 'look' => 'plain', 'rows' => 7], $settings);
    }

    /** What matters only beside another setting goes by the name that one has on the page. */
    public function testAConditionGoesByTheNameOnThePage(): void
    {
        $fields = (new Parted(FilledPart::of(new Table())->open(kinds: 'rows_of', things: 'items')))->fields();
        $given = array_column(FilledPart::of(new Table())->open('rows_of', 'items')->fields(), null, 'name')['items']->conditions();
        self::assertNotSame([], $given);
        self::assertSame(['kinds' => $given['rows_of']], $fields[1]->conditions());
    }

    public function testItIsWrittenAndReadBack(): void
    {
        $written = PartingFile::written(self::page());
        self::assertSame(self::names(self::page()), self::names(self::read($written)));
        // Names that no setting can have, and a list and names in one, are left out or taken as they are.
        $odd = [['0' => 'items', 'x' => 'look'], ['x' => 'look', '0' => 'items'], ['5', 'items'], [['a']], 'items', ['' => 'items']];
        foreach ($odd as $ask) {
            $leaf = self::read(['divide' => 'down', 'parts' => [['fill' => 'lines', 'ask' => (object) $ask]]])->leaves()[0];
            self::assertLessThanOrEqual(2, \count($leaf->fields()));
        }
    }

    private static function read(mixed $written): Parting
    {
        $read = PartingFile::read(json_decode((string) json_encode($written)));

        return $read instanceof Parting ? $read : throw new \LogicException('It is divided.');
    }
}
