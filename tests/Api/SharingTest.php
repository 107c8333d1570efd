<?php

/* Who is answered where the program is shared: paired devices and this machine; everybody else sees one page, whatever they try. */

declare(strict_types=1);

namespace Tests\Api;

use App\Security\Devices;
use App\Security\Gate;
use App\Security\PairingPage;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

final class SharingTest extends ApiTestCase
{
    private const HOST = '192.168.1.20:8080';

    private int $now = 1_800_000_000;

    public function testWhoIsNotPairedSeesThePairingPageAndNothingElse(): void
    {
        $gate = $this->gate();
        foreach ([
            '/', '/pair', '/api/notebooks', '/api/devices', '/api/devices/code', '/build/index.html', '/build/assets/app.js', '/index.php',
            '/api/notebooks/x/state', '/..%2f..%2fcomposer.json',
        ] as $path) {
            foreach (['GET', 'HEAD', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', ...('/pair' === $path ? [] : ['POST'])] as $method) {
                $answer = $gate->answer($this->asks($path, $method)) ?? self::fail("$method $path was let in.");
                self::assertSame(401, $answer->getStatusCode(), "$method $path");
                self::assertSame(PairingPage::html(), $answer->getContent());
                self::assertSame([], $answer->headers->getCookies());
            }
        }
    }

    public function testADeviceIsPairedByItsCodeOnceAndLetInByItsCookie(): void
    {
        $code = $this->devices()->code();
        self::assertMatchesRegularExpression('/^[A-Z]{6}$/', $code);
        // As it is read aloud: small letters, with a space.
        $in = $this->pairs(strtolower(substr($code, 0, 3).' '.substr($code, 3)), 'Phone in the hall');
        self::assertSame([303, '/'], [$in->getStatusCode(), $in->headers->get('Location')]);
        $cookie = $in->headers->getCookies()[0];
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
        self::assertFalse($cookie->isSecure(), 'over plain http it would not come back');
        $secret = (string) $cookie->getValue();
        self::assertNull($this->gate()->answer($this->asks('/api/notebooks', cookie: $secret)), 'it goes on');
        self::assertSame('/', $this->gate()->answer($this->asks('/pair', cookie: $secret))?->headers->get('Location'));
        self::assertSame(403, $this->pairs($code, 'Another')->getStatusCode(), 'the code is used up');
        self::assertSame(['Phone in the hall'], array_column($this->devices()->all(), 'name'));
        self::assertStringNotContainsString($secret, (string) file_get_contents($this->database), 'only a hash is kept');
    }

    public function testACookieThatIsStolenOldMadeUpOrTakenAwayOpensNothing(): void
    {
        $secret = $this->paired();
        foreach (['', 'x', str_repeat('A', 43), $secret.'A', substr($secret, 0, 42), "$secret\0", str_repeat('é', 43)] as $made) {
            self::assertSame(401, $this->gate()->answer($this->asks('/api/notebooks', cookie: $made))?->getStatusCode());
        }
        $list = $this->asks('/api/notebooks');
        $list->cookies->set(Gate::COOKIE, [$secret]);
        self::assertSame(401, $this->gate()->answer($list)?->getStatusCode());

        $this->now += 179 * 86_400;
        self::assertTrue($this->opens($secret), 'seen within half a year');
        $this->now += 181 * 86_400;
        self::assertFalse($this->opens($secret), 'not seen for half a year');

        $secret = $this->paired();
        foreach ($this->devices()->all() as $device) {
            $this->devices()->remove($device['id']);
        }
        self::assertFalse($this->opens($secret), 'taken away');
        self::assertFalse($this->devices()->remove('0123456789abcdef'));
    }

    /** Ten thousand guesses, as fast as they come: five are looked at, and then not even the right code is taken. */
    public function testACodeStandsFiveWrongTriesAndFiveMinutes(): void
    {
        $code = $this->devices()->code();
        for ($i = 0; $i < 10_000; ++$i) {
            $number = str_pad(base_convert((string) $i, 10, 20), 6, '0', \STR_PAD_LEFT);
            $guess = strtr($number, '0123456789abcdefghij', 'ABCDEFGHJKMNPQRSTVWX');
            if ($guess !== $code) {
                self::assertNull($this->devices()->pair($guess, 'Guesser'));
            }
        }
        self::assertSame(403, $this->pairs($code, 'Too late')->getStatusCode());
        self::assertSame([], $this->devices()->all());

        $code = $this->devices()->code();
        $this->now += Devices::GOOD_FOR;
        self::assertNull($this->devices()->pair($code, 'Five minutes later'));
        $first = $this->devices()->code();
        $this->devices()->code();
        self::assertNull($this->devices()->pair($first, 'With the code before'));
        self::assertNull($this->devices()->pair('', 'With none'));
    }

    public function testOnlyAFormOfThisPagePairs(): void
    {
        $code = $this->devices()->code();
        foreach ([null, 'http://elsewhere.example', 'null', 'http://192.168.1.20'] as $origin) {
            self::assertSame(403, $this->pairs($code, 'Phone', $origin)->getStatusCode(), (string) $origin);
        }
        self::assertSame(303, $this->pairs($code, 'Phone')->getStatusCode(), 'those were no tries');
    }

    public function testAnotherNameOfTheMachineIsNotAnswered(): void
    {
        foreach (['elsewhere.example', 'localhost:8080', '192.168.1.20.elsewhere.example', 'x y', ''] as $host) {
            $answer = $this->gate()->answer($this->asks('/', host: $host));
            // From another machine "localhost" is a name it may use, but opens nothing.
            self::assertContains($answer?->getStatusCode(), [401, 421], $host);
        }
    }

    /** Only who sits at the machine: both the address it comes from and the name it is called by say so. */
    public function testThisMachineNeedsNoPairingAndNobodyElseIsIt(): void
    {
        $from = static fn (string $address, string $host): Request => Request::create(
            '/',
            server: ['REMOTE_ADDR' => $address, 'HTTP_HOST' => $host],
        );
        self::assertNull($this->gate()->answer($from('127.0.0.1', 'localhost:8080')));
        self::assertNull($this->gate()->answer($from('::1', '[::1]:8080')));
        foreach ([
            ['127.0.0.1', self::HOST],
            ['192.168.1.30', 'localhost:8080'],
            ['192.168.1.30', '127.0.0.1'],
            ['127.0.0.2', 'localhost'],
        ] as $other) {
            self::assertNotNull($this->gate()->answer($from(...$other)), implode(' ', $other));
        }
        self::assertNull((new Gate(false, '', $this->devices()))->answer($from('192.168.1.30', self::HOST)), 'not shared: as before');
    }

    /** Behind what stands in front every connection comes from this machine: whose it is, is said with a secret, and not believed without. */
    public function testWhatStandsInFrontMakesNobodyThisMachine(): void
    {
        $_SERVER['AMPLE_FRONT'] = 'a secret of this start';
        try {
            $through = static fn (array $headers, string $host = 'localhost:8080'): Request => Request::create(
                '/',
                server: ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_HOST' => $host] + $headers,
            );
            $said = static fn (string $peer, string $secret = 'a secret of this start'): array => [
                'HTTP_AMPLE_PEER' => $peer,
                'HTTP_AMPLE_FRONT' => $secret,
            ];
            self::assertNull($this->gate()->answer($through($said('127.0.0.1'))));
            self::assertNull($this->gate()->answer($through($said('::ffff:127.0.0.1'))));
            foreach ([[], $said('192.168.1.30'), $said('127.0.0.1', 'guessed'), $said('127.0.0.1', ''), $said('')] as $headers) {
                self::assertNotNull($this->gate()->answer($through($headers)), (string) json_encode($headers));
            }
            self::assertNotNull($this->gate()->answer($through($said('127.0.0.1'), self::HOST)), 'by another name');
        } finally {
            unset($_SERVER['AMPLE_FRONT']);
        }
    }

    public function testThePageHasNoScriptAndItsStyleIsTheOneItsPolicyNames(): void
    {
        $page = PairingPage::html('<script>alert(1)</script>');
        self::assertStringNotContainsString('<script', $page);
        self::assertSame(1, preg_match('/<style>(.*)<\/style>/s', $page, $style));
        self::assertStringContainsString(base64_encode(hash('sha256', $style[1], true)), PairingPage::policy());
        $answer = $this->gate()->answer($this->asks('/'));
        self::assertSame(PairingPage::policy(), $answer?->headers->get('Content-Security-Policy'));
        self::assertSame('DENY', $answer->headers->get('X-Frame-Options'));
    }

    public function testNoMoreDevicesAreKeptThanThirty(): void
    {
        for ($i = 0; $i < Devices::MOST + 5; ++$i) {
            ++$this->now;
            $this->paired("Device $i");
        }
        self::assertCount(Devices::MOST, $this->devices()->all());
        self::assertSame('Device 34', $this->devices()->all()[0]['name']);
        $this->paired(str_repeat('n', 400)."\n\0<b>");
        self::assertSame(40, mb_strlen($this->devices()->all()[0]['name']) > 40 ? 0 : 40);
    }

    public function testDevicesAreSeenAndTakenAwayAtThisMachineOnly(): void
    {
        $here = ['REMOTE_ADDR' => '127.0.0.1', 'HTTP_ORIGIN' => 'http://localhost', 'HTTP_HOST' => 'localhost'];
        $there = ['REMOTE_ADDR' => '192.168.1.30'] + $here;
        self::assertSame(6, \strlen($this->call('POST', '/devices/code', null, 200, $here)['code']));
        $this->call('POST', '/devices/code', null, 403, $there);
        $this->paired('Phone');
        $seen = $this->call('GET', '/devices', null, 200, $here);
        self::assertSame([false, true, ['Phone']], [$seen['shared'], $seen['here'], array_column($seen['devices'], 'name')]);
        self::assertSame([], $this->call('GET', '/devices', null, 200, $there)['devices']);
        $id = $seen['devices'][0]['id'];
        $this->call('POST', "/devices/$id/remove", null, 403, $there);
        self::assertSame([], $this->call('POST', "/devices/$id/remove", null, 200, $here)['devices']);
        $this->call('POST', "/devices/$id/remove", null, 404, $here);
    }

    private function devices(): Devices
    {
        return new Devices($this->database, fn (): int => $this->now);
    }

    private function gate(): Gate
    {
        return new Gate(true, '^(localhost|127\.0\.0\.1|192\.168\.1\.20)$', $this->devices());
    }

    private function opens(string $secret): bool
    {
        return null === $this->gate()->answer($this->asks('/', cookie: $secret));
    }

    private function paired(string $name = 'Phone'): string
    {
        return $this->devices()->pair($this->devices()->code(), $name) ?? self::fail('It was not paired.');
    }

    private function pairs(string $code, string $name, ?string $origin = 'http://'.self::HOST): Response
    {
        $request = $this->asks('/pair', 'POST', typed: ['code' => $code, 'name' => $name]);
        null === $origin ? $request->headers->remove('Origin') : $request->headers->set('Origin', $origin);

        return $this->gate()->answer($request) ?? self::fail('It was let in.');
    }

    /** @param array<string, string> $typed */
    private function asks(string $path, string $method = 'GET', string $cookie = '', string $host = self::HOST, array $typed = []): Request
    {
        return Request::create(
            "http://192.168.1.20:8080$path",
            $method,
            $typed,
            '' === $cookie ? [] : [Gate::COOKIE => $cookie],
            [],
            ['REMOTE_ADDR' => '192.168.1.30', 'HTTP_HOST' => $host],
        );
    }
}
