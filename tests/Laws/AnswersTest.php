<?php

/*
 * The law of closure, as it is seen from outside: whatever address of docs/api/openapi.yaml is asked, of a notebook that is whole, of a
 * book it does not have, or of one whose plan was damaged where it is kept, is answered in words, and New notebook still works.
 */

declare(strict_types=1);

namespace Tests\Laws;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Yaml\Yaml;
use Tests\Api\ApiTestCase;

final class AnswersTest extends ApiTestCase
{
    /** @return array<string, array{string, string}> what has become of the plan, and the book that is asked for */
    public static function states(): array
    {
        return [
            'whole' => ['', '1'],
            'a book it does not have' => ['', '2'],
            'cut off' => ['{"title": "Cut off', '1'],
            'not UTF-8' => ["{\"title\": \"M\xe4rz\"}", '1'],
            'with a NUL' => ["{\"title\": \"M\0arz\"}", '1'],
            'too deep' => [str_repeat('[', 60).str_repeat(']', 60), '1'],
            'another thing' => ['"words"', '1'],
            'half a plan' => ['{"version": 2, "title": "Half", "stock": {"width": "wide"}}', '1'],
        ];
    }

    #[DataProvider('states')]
    public function testEveryAddressAnswersInWords(string $damage, string $book): void
    {
        $made = $this->call('POST', '/notebooks/sample', null, 201);
        if ('' !== $damage) {
            (new \PDO("sqlite:$this->database"))->prepare('UPDATE notebook SET plan = ?, shelf = NULL')->execute([$damage]);
        }
        $asked = 0;
        $unsaid = [];
        foreach ($this->addresses($made['id']) as [$method, $path, $body, $documented]) {
            if ('' !== $damage && !str_contains($path, $made['id']) && !str_contains($path, '/notebooks')) {
                continue;
            }
            self::getContainer()->get('doctrine.orm.entity_manager')->clear();
            $this->browser->request($method, "/api$path".(str_contains($path, '?') ? '&' : '?')."book=$book", [], [], [
                'HTTP_ORIGIN' => 'http://localhost',
                'CONTENT_TYPE' => 'application/json',
            ], null === $body ? null : (string) json_encode($body));
            $response = $this->browser->getResponse();
            $status = $response->getStatusCode();
            self::assertLessThan(500, $status, "$method $path: ".substr((string) $response->getContent(), 0, 300));
            if (!\in_array($status, $documented, true)) {
                $unsaid[str_replace($made['id'], '{id}', "$method $path: $status")] = true;
            }
            if ($status >= 400) {
                $said = json_decode((string) $response->getContent(), true)['detail'] ?? '';
                self::assertMatchesRegularExpression('/\S.*[.?]$/su', $said, "$method $path");
            }
            if ('' !== $damage && str_contains($path, $made['id']) && !preg_match('~plan\.json|/state|/ticks~', $path)) {
                self::assertContains($status, [404, 405, 422], "$method $path of what cannot be read");
            }
            ++$asked;
        }
        self::assertGreaterThan(50, $asked);
        self::assertSame([], array_keys($unsaid), 'the description of the API says nothing of these');
        // What is beside it lives.
        $new = $this->make()['id'];
        $shelf = $this->call('GET', '/notebooks');
        self::assertContains($new, array_column($shelf['notebooks'], 'id'));
        self::assertSame('' === $damage ? [] : [$made['id']], array_column($shelf['unreadable'], 'id'));
    }

    /** @return iterable<array{string, string, array<string, mixed>|null, list<int>}> with the statuses that are documented; but for those that take away what is asked */
    private function addresses(string $id): iterable
    {
        $values = [
            'id' => $id,
            'spread' => 'goals-by-area',
            'kind' => 'notes',
            'page' => '3',
            'side' => '1',
            'device' => '1',
            'day' => '2027-01-01',
        ];
        $new = [
            'title' => 'New',
            'stock' => ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 26, 'down' => 38, 'pages' => 48],
            'period' => ['start' => '2027-01', 'end' => '2027-02'],
            'weeks' => ['first' => 1],
        ];
        foreach (Yaml::parseFile(\dirname(__DIR__, 2).'/docs/api/openapi.yaml')['paths'] as $path => $item) {
            // The shelf put back or the machine's own devices are not of a notebook.
            if (str_contains($path, 'copies') || str_contains($path, 'devices') || str_contains($path, 'pair')) {
                continue;
            }
            $path = (string) preg_replace_callback('/\{(\w+)\}/', static fn (array $of): string => $values[$of[1]] ?? '1', $path);
            $path = substr($path, \strlen('/api'));
            foreach (array_intersect(['get', 'post'], array_keys($item)) as $method) {
                if ('get' === $method) {
                    yield ['GET', $path, null, array_keys($item['get']['responses'])];
                    continue;
                }
                foreach ([null, [], $new + ['like' => $id, 'version' => 1, 'notebook' => $id], [
                    'version' => 1,
                    'edit' => ['type' => 'set-title', 'title' => 'Changed'],
                    'change' => ['do' => 'divide', 'at' => '', 'way' => 'down', 'parts' => 2],
                ]] as $body) {
                    yield ['POST', $path, $body, array_keys($item['post']['responses'])];
                }
            }
        }
    }
}
