<?php

/* docs/catalogue.md lists what there is: every kind once, each with a picture. */

declare(strict_types=1);

namespace Tests\Export;

use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Export\CatalogueDocument;
use PHPUnit\Framework\TestCase;

final class CatalogueDocumentTest extends TestCase
{
    public function testTheDocumentIsThatOfTheProgramAndEveryKindHasItsPicture(): void
    {
        $docs = \dirname(__DIR__, 2).'/docs';
        $files = CatalogueDocument::files(new Catalogue());
        self::assertStringEqualsFile("$docs/catalogue.md", $files['catalogue.md'], 'Run bin/catalogue.');
        unset($files['catalogue.md']);
        self::assertCount(\count((new Catalogue())->spreads()) + \count((new Catalogue())->monthParts()), $files);
        foreach ($files as $name => $svg) {
            self::assertFileExists("$docs/$name", 'Run bin/catalogue.');
            $picture = new \DOMDocument();
            self::assertTrue($picture->loadXML($svg), $name);
            self::assertSame('svg', $picture->documentElement?->nodeName);
        }
        $there = array_map(static fn (string $file): string => 'catalogue/'.basename($file), glob("$docs/catalogue/*.svg") ?: []);
        self::assertEqualsCanonicalizing(array_keys($files), $there, 'A picture of a kind there is no more.');
    }
}
