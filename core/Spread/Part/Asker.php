<?php

/* What is asked of each filling of a page: the settings of its leaf, on the page's dots and in its calendar. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Settings;

final class Asker
{
    /** @var \WeakMap<FilledPart, Request> a leaf is asked for its size, its least and its filling: the same each time */
    private \WeakMap $asked;

    public function __construct(public readonly Request $page)
    {
        $this->asked = new \WeakMap();
    }

    public function of(FilledPart $leaf): Request
    {
        $asked = $this->asked[$leaf] ?? null;
        if (null !== $asked) {
            return $asked;
        }
        $asked = new Request(
            $this->page->id,
            $leaf->name ?? $this->page->title,
            new Settings(
                [PartName::SETTING => null !== $leaf->name] + $this->page->settings->over($leaf->settings, $leaf->opened()),
                $leaf->known(),
            ),
            $this->page->grid,
            $this->page->calendar,
            $this->page->palette,
            $this->page->pages,
            $this->page->hand,
            $this->page->book,
        );

        return $this->asked[$leaf] = $leaf->filling instanceof OfTime ? $asked->inItsTime() : $asked;
    }
}
