<?php

/* Calls the API in process, each test on a database of its own, every answer checked against docs/api/openapi.yaml. */

declare(strict_types=1);

namespace Tests\Api;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\Before;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Process\Process;
use Symfony\Component\Yaml\Yaml;

abstract class ApiTestCase extends WebTestCase
{
    private static ?string $empty = null;

    private static ?object $schema = null;

    protected string $database = '';

    protected KernelBrowser $browser;

    #[Before]
    public function ownDatabase(): void
    {
        $this->database = sys_get_temp_dir().'/ample-'.bin2hex(random_bytes(6)).'.sqlite';
        if (null === self::$empty) {
            self::$empty = sys_get_temp_dir().'/ample-empty-'.getmypid().'.sqlite';
            @unlink(self::$empty);
            (new Process(
                [\PHP_BINARY, 'bin/console', 'doctrine:migrations:migrate', '-n'],
                \dirname(__DIR__, 2),
                ['APP_ENV' => 'test', 'AMPLE_DATABASE' => self::$empty],
            ))->mustRun();
        }
        copy(self::$empty, $this->database);
        $_SERVER['AMPLE_DATABASE'] = $_ENV['AMPLE_DATABASE'] = $this->database;
        $this->restart();
    }

    #[After]
    public function dropDatabase(): void
    {
        foreach (glob($this->database.'*') ?: [] as $file) {
            unlink($file);
        }
    }

    /** A fresh kernel on the same file, as after a restart of the program. */
    protected function restart(): void
    {
        self::ensureKernelShutdown();
        $this->browser = self::createClient();
        $this->browser->disableReboot();
    }

    /** @return array<string, mixed> */
    protected function call(
        string $method,
        string $path,
        mixed $body = null,
        int $status = 200,
        array $headers = ['HTTP_ORIGIN' => 'http://localhost'],
    ): array {
        // Each call sees the database as a new request would.
        self::getContainer()->get('doctrine.orm.entity_manager')->clear();
        $this->browser->request(
            $method,
            "/api$path",
            [],
            [],
            $headers + ['CONTENT_TYPE' => 'application/json'],
            null === $body ? null : (\is_string($body) ? $body : (string) json_encode($body)),
        );
        $response = $this->browser->getResponse();
        $content = (string) $response->getContent();
        self::assertSame($status, $response->getStatusCode(), "$method $path: ".substr($content, 0, 600));
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        if (!str_contains($type, 'json')) {
            return ['type' => $type, 'content' => $content];
        }
        $this->asDescribed($method, $path, $status, $type, $content);

        return json_decode($content, true, 64, \JSON_THROW_ON_ERROR);
    }

    private function asDescribed(string $method, string $path, int $status, string $type, string $content): void
    {
        self::$schema ??= json_decode((string) json_encode(Yaml::parseFile(\dirname(__DIR__, 2).'/docs/api/openapi.yaml')), false);
        $operation = null;
        foreach (get_object_vars(self::$schema->paths) as $pattern => $item) {
            $regex = '#^'.preg_replace('/\\\\\{\w+\\\\\}/', '[^/]+', preg_quote($pattern, '#')).'$#';
            if (1 === preg_match($regex, '/api'.explode('?', $path)[0])) {
                $operation = $item->{strtolower($method)} ?? $operation;
                break;
            }
        }
        self::assertNotNull($operation, "$method $path is not described.");
        // These any call may be answered with, as the description says at its head.
        $anywhere = \in_array($status, [400, 413, 422, 503, 507], true) ? self::$schema->components->responses->Problem : null;
        $response = $operation->responses->{(string) $status} ?? $anywhere ?? self::fail("$method $path: $status is not described.");
        if (isset($response->{'$ref'})) {
            $response = self::$schema->components->responses->{basename($response->{'$ref'})};
        }
        $schema = $response->content->{$type}->schema ?? self::fail("$method $path: $type is not described for $status.");
        $whole = (object) ((array) $schema + ['components' => self::$schema->components]);
        $result = (new Validator())->validate(json_decode($content), $whole);
        self::assertTrue(
            $result->isValid(),
            "$method $path does not answer as described: "
                .(null === $result->error() ? '' : json_encode((new ErrorFormatter())->format($result->error()))),
        );
    }

    /**
     * An edit made in a book as it stands.
     *
     * @param array<string, mixed> $book
     *
     * @return array<string, mixed> the answer
     */
    protected function edit(array $book, mixed $edit, int $status = 200): array
    {
        return $this->call('POST', "/notebooks/{$book['id']}/edits", ['version' => $book['version'], 'edit' => $edit], $status);
    }

    /** @return array<string, mixed> the book */
    protected function make(array $changes = []): array
    {
        return $this->call('POST', '/notebooks', $changes + [
            'title' => 'A notebook',
            'stock' => [
                'width' => 148,
                'height' => 210,
                'pitch' => 5,
                'across' => 26,
                'down' => 38,
                'pages' => 192,
                'first_leaf' => 'ordinary',
            ],
            'period' => ['start' => '2027-01', 'end' => '2027-12'],
            'weeks' => ['first' => 1],
        ], 201);
    }
}
