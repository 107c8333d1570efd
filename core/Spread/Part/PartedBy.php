<?php

/* A page whose parts follow from what is asked of it: the same kind with a title or without, with notes beside its months or alone. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class PartedBy implements Form, HasLayouts
{
    /**
     * @param FilledPart                      $leaf    what is asked; every parting has it
     * @param \Closure(Request): Portion  $parting
     * @param list<Field>               $more    asked beside it, of which the parting knows
     */
    public function __construct(private readonly FilledPart $leaf, private readonly \Closure $parting, private readonly array $more = [])
    {
    }

    public function fields(): array
    {
        return [...$this->leaf->fields(), ...$this->more];
    }

    public function layOut(Request $request): Laid
    {
        return $this->parted($request)->layOut($request);
    }

    public function layouts(Request $request): array
    {
        return $this->leaf->filling instanceof HasLayouts ? $this->leaf->filling->layouts($request) : [];
    }

    public function isByMonth(): bool
    {
        return true;
    }

    public function parting(Request $request): Portion
    {
        return OfParts::over(($this->parting)($request), $request->settings->ofParts());
    }

    public function parts(Request $request): PartsOfPage
    {
        return $this->parted($request)->parts($request);
    }

    private function parted(Request $request): Parted
    {
        return new Parted($this->parting($request));
    }
}
