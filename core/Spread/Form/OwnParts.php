<?php

/* A page of parts that a person divides on the bench: its parting stands in the plan, as a setting of the spread. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Spread\Form;
use AmpleMargin\Spread\HasParts;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Part\PartingFile;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class OwnParts implements Form, HasParts
{
    /** @param Piece $usual where the plan says nothing of its parts */
    public function __construct(private readonly Piece $usual)
    {
    }

    public function fields(): array
    {
        return [Field::drawn('parts', 'Parts')];
    }

    public function layOut(Request $request): Laid
    {
        try {
            return (new Parted($this->parting($request)))->layOut($request);
        } catch (PartRefused $refused) {
            $part = '' === $refused->path ? '' : " (part $refused->path)";
            $says = "The parts of this page cannot be read$part. {$refused->getMessage()}";

            return Laid::refused($request->grid, new Finding($request->id, $says));
        }
    }

    public function parting(Request $request): Piece
    {
        $written = $request->settings->drawn('parts');

        return null === $written ? $this->usual : PartingFile::read($written);
    }

    public function parts(Request $request): PartsOfPage
    {
        return (new Parted($this->parting($request)))->parts($request);
    }
}
