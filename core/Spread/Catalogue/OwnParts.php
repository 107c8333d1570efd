<?php

/*
 * A page of parts that a person divides on the bench. Its parting stands in the plan: as a setting of the spread, or in a kind
 * of their own, where what it asks for is asked.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class OwnParts implements Form
{
    /**
     * @param Portion|null $usual where the plan says nothing of its parts; null for those of a kind
     * @param mixed      $kept  the parting of a kind, as it is written
     */
    private function __construct(private readonly ?Portion $usual, private readonly mixed $kept)
    {
    }

    /** @param Portion $usual where the plan says nothing of its parts */
    public static function dividedInPlan(Portion $usual): self
    {
        return new self($usual, null);
    }

    /** @param mixed $kept a parting as it is written */
    public static function kept(mixed $kept): self
    {
        return new self(null, $kept);
    }

    public function fields(): array
    {
        $dates = TakesDates::field(TakesDates::OF_ANY);
        if (null !== $this->usual) {
            return [
                Field::drawn('parts', 'Parts'),
                Field::drawn(Kind::WAS, 'The kind it was'),
                $dates,
                Field::flag(Kind::FLAT, 'Its pages lie open together', false),
            ];
        }
        try {
            $parted = new Parted(PartingFile::read($this->kept));

            return [...$parted->fields(), ...($parted->isByMonth() ? [$dates] : [])];
        } catch (PartRefused) {
            return [];
        }
    }

    public function layOut(Request $request): Laid
    {
        try {
            return (new Parted($this->parting($request), null !== $this->usual))->layOut($request);
        } catch (PartRefused $refused) {
            $part = '' === $refused->path ? '' : " (part $refused->path)";
            $says = "The parts of this page cannot be read$part. {$refused->getMessage()}";

            return Laid::refused($request->grid, new Finding($request->id, $says));
        }
    }

    public function isByMonth(): bool
    {
        try {
            return null === $this->usual && (new Parted(PartingFile::read($this->kept)))->isByMonth();
        } catch (PartRefused) {
            return false;
        }
    }

    public function parting(Request $request): Portion
    {
        $written = null === $this->usual ? $this->kept : $request->settings->drawn('parts');

        $piece = null === $written && null !== $this->usual ? $this->usual : PartingFile::read($written);

        return OfParts::over($piece, $request->settings->ofParts());
    }

    public function parts(Request $request): PartsOfPage
    {
        return (new Parted($this->parting($request)))->parts($request);
    }
}
