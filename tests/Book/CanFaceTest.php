<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\CanFace;
use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Finding;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class CanFaceTest extends TestCase
{
    /** What is offered can face, and what is not cannot: each tried, in a book with a pair, a pin, sides, two sections that mix. */
    public function testWhatIsOfferedIsExactlyWhatTakenMakesNoFinding(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-mixing', 'mixing' => ['goals']],
            ['type' => 'set-spread', 'spread' => 'key', 'side' => 'left'],
            ['type' => 'set-spread', 'spread' => 'quote', 'side' => 'left'],
            ['type' => 'add-spread', 'kind' => 'notes', 'section' => 'trackers'],
            ['type' => 'add-spread', 'kind' => 'quote', 'section' => 'front'],
            ['type' => 'add-spread', 'kind' => 'notes', 'section' => 'back'],
            ['type' => 'set-spread', 'spread' => 'notes-2', 'faces' => 'goals-by-area'],
        ]);
        $book = Composer::compose($plan);
        $offered = 0;
        foreach ($book->plan->spreads as $spread) {
            $can = CanFace::of($book, $spread->id);
            foreach ($book->plan->spreads as $other) {
                if ($other->id === $spread->id || $other->id === $spread->faces) {
                    continue;
                }
                $edit = ['type' => 'set-spread', 'spread' => $spread->id, 'faces' => $other->id];
                $tried = Composer::compose(Books::edited($plan, [$edit]));
                $offered += (int) \in_array($other->id, $can, true);
                self::assertSame(!self::cannot($tried), \in_array($other->id, $can, true), "$spread->id facing $other->id");
            }
        }
        self::assertGreaterThan(4, $offered);
    }

    private static function cannot(Book $book): bool
    {
        return array_any(
            [...$book->front->findings, ...$book->back->findings],
            static fn (Finding $one): bool => 1 === preg_match('/cannot face|already faces|should face a spread/', $one->says),
        );
    }
}
