<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Security\OwnPagesOnly;
use App\Security\PublicFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

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

    /** Who can unpack it is sent a fifth, and the same; who cannot, or asks for little, is sent it as it is. */
    public function testLongAnswersAreSqueezedForWhoCanUnpackThem(): void
    {
        $book = $this->make();
        $ask = function (string $path, string $accepts): array {
            $this->browser->request('GET', "/api$path", [], [], ['HTTP_ACCEPT_ENCODING' => $accepts]);
            $answer = $this->browser->getResponse();

            return [(string) $answer->getContent(), $answer->headers->get('Content-Encoding'), $answer->headers->get('Vary')];
        };
        [$plain, $none] = $ask("/notebooks/{$book['id']}", '');
        self::assertNull($none);
        foreach (['gzip', 'br;q=1.0, gzip;q=0.8, *;q=0.1', 'gzip, deflate, br'] as $accepts) {
            [$squeezed, $as, $vary] = $ask("/notebooks/{$book['id']}", $accepts);
            self::assertSame('gzip', $as, $accepts);
            self::assertSame('Accept-Encoding', $vary);
            self::assertSame($plain, gzdecode($squeezed));
            self::assertLessThan(\strlen($plain) / 3, \strlen($squeezed));
        }
        self::assertNull($ask("/notebooks/{$book['id']}", 'br')[1]);
        self::assertNull($ask("/notebooks/{$book['id']}", 'gzip;q=0')[1]);
        self::assertNull($ask('/devices', 'gzip')[1], 'what is short stays as it is');
    }

    public function testBuiltFilesAreSentSqueezedWithTheTypeOfTheFile(): void
    {
        $public = sys_get_temp_dir().'/ample-public-'.bin2hex(random_bytes(4));
        mkdir("$public/build", recursive: true);
        file_put_contents("$public/build/one.js", 'let one = 1;');
        file_put_contents("$public/build/one.js.gz", (string) gzencode('let one = 1;'));
        $get = static fn (string $accepts): ?Response => PublicFile::at(
            $public,
            Request::create('/build/one.js', server: ['HTTP_ACCEPT_ENCODING' => $accepts]),
        );
        file_put_contents("$public/build/one.js.br", 'squeezed more');
        [$plain, $squeezed, $more] = [$get(''), $get('gzip'), $get('gzip, br')];
        self::assertInstanceOf(BinaryFileResponse::class, $plain);
        self::assertInstanceOf(BinaryFileResponse::class, $squeezed);
        self::assertInstanceOf(BinaryFileResponse::class, $more);
        self::assertSame(['one.js', 'one.js.gz', 'one.js.br'], array_map(
            static fn (BinaryFileResponse $one): string => $one->getFile()->getFilename(),
            [$plain, $squeezed, $more],
        ));
        self::assertSame(['gzip', 'br'], [$squeezed->headers->get('Content-Encoding'), $more->headers->get('Content-Encoding')]);
        foreach ([$plain, $squeezed, $more] as $one) {
            self::assertSame(['text/javascript; charset=UTF-8', 'Accept-Encoding'], [$one->headers->get('Content-Type'), $one->headers->get('Vary')]);
        }
        self::assertNotSame($plain->getEtag(), $squeezed->getEtag());
        self::assertNull(PublicFile::at($public, Request::create('/build/one.js.gz')), 'not by its own name');
        array_map(unlink(...), ["$public/build/one.js", "$public/build/one.js.gz", "$public/build/one.js.br"]);
        array_map(rmdir(...), ["$public/build", $public]);
    }
}
