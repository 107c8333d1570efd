<?php

/* For forms that are drawn by a hand of their own, and can be opened as a page of parts to start from. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form;

use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Piece;
use AmpleMargin\Spread\Part\Size;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
trait OpensAsParts
{
    abstract public function parting(Request $request): Piece;

    public function isDrawnAsParts(): bool
    {
        return false;
    }

    public function parts(Request $request): PartsOfPage
    {
        return PartsOfPage::of($this->parting($request), new Asker($request));
    }

    public function asParts(Request $request): Laid
    {
        return (new Parted($this->parting($request)))->layOut($request);
    }

    private static function underTitle(Piece $piece): Parting
    {
        return Parting::down([Size::needed(), Leaf::of(new Title())], [Size::share(), $piece]);
    }
}
