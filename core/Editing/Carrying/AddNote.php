<?php

/* A note for the next book, about a spread or the whole; it stands at the start of the next carry-over. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Carrying;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Old\NextTime;
use AmpleMargin\Plan\Old\OldReader;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class AddNote implements Edit
{
    /** @param string|null $about what it is about, as a person reads it: the title of a spread */
    public function __construct(private readonly string $words, private readonly ?string $about = null)
    {
    }

    public static function type(): string
    {
        return 'add-note';
    }

    public static function read(Values $values): self
    {
        return new self(OldReader::note($values), $values->textOrNull('about', 200));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        if (\count($plan->nextTime) >= NextTime::MOST) {
            throw PlanProblem::at('edit/words', 'A book keeps '.NextTime::MOST.' notes for the next one at most.');
        }
        $ids = array_column($plan->nextTime, 'id');
        $n = 1;
        while (\in_array("note-$n", $ids, true)) {
            ++$n;
        }

        return new Edited(
            $plan->with(['nextTime' => [...$plan->nextTime, new NextTime("note-$n", $this->words, $this->about)]]),
            'Noted for next time',
        );
    }
}
