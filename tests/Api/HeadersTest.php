<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Security\OwnPagesOnly;
use App\Security\PublicFile;
use Symfony\Component\HttpFoundation\Request;

/** No answer can be framed or read by another site: not a page, not a file of the interface, not behind nginx. */
final class HeadersTest extends ApiTestCase
{
    public function testAFileOfTheInterfaceCarriesWhatEveryAnswerDoes(): void
    {
        $public = realpath(\dirname(__DIR__, 2).'/public');
        foreach (['/build/index.html', '/index.php'] as $path) {
            $file = PublicFile::at($public, Request::create($path)) ?? self::fail("$path was not answered.");
            foreach (OwnPagesOnly::HEADERS as $name => $value) {
                self::assertSame($value, $file->headers->get($name), "$path: $name");
            }
        }
        self::assertStringContainsString("frame-ancestors 'none'", OwnPagesOnly::HEADERS['Content-Security-Policy']);
    }

    public function testNothingBesideTheInterfaceIsSent(): void
    {
        $public = realpath(\dirname(__DIR__, 2).'/public');
        foreach ([
            '/../composer.json',
            '/%2e%2e/composer.json',
            '/build/../../composer.json',
            '/build',
            '/',
            '/nothing.js',
            '/build/index.html%00',
        ] as $path) {
            self::assertNull(PublicFile::at($public, Request::create($path)), $path);
        }
    }

    public function testTheHeadersForNginxAreTheSame(): void
    {
        preg_match_all(
            '/^\s*add_header (\S+) "(.+)" always;$/m',
            (string) file_get_contents(\dirname(__DIR__, 2).'/docs/hosting.md'),
            $found,
        );
        self::assertSame(OwnPagesOnly::HEADERS, array_combine($found[1], $found[2]));
    }

    public function testAnAnswerDoesNotSayWhatServesIt(): void
    {
        $this->browser->request('GET', '/api/notebooks');
        self::assertFalse($this->browser->getResponse()->headers->has('X-Powered-By'));
    }
}
