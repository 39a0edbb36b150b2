<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Pindle\App\Platform\Kernel;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;

/** Asks the API as a device does: JSON in, JSON out, on a real SQLite file. Today is Wednesday 4 March 2026. */
abstract class ApiTestCase extends WebTestCase
{
    protected KernelBrowser $browser;

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }

    protected function setUp(): void
    {
        $this->browser = self::createClient(['debug' => false]);
        $this->browser->disableReboot();
    }

    /**
     * @param array<string, mixed>|null $body
     *
     * @return array<string, mixed>
     */
    protected function ask(string $method, string $path, ?array $body = null, int $expect = 200): array
    {
        return $this->send($method, $path, null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR), $expect);
    }

    /** @return array<string, mixed> */
    protected function send(string $method, string $path, string $body, int $expect, string $type = 'application/json'): array
    {
        $headers = ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json', 'HTTP_SEC_FETCH_SITE' => 'same-origin'];
        $this->browser->request($method, '/api'.$path, server: $headers, content: $body);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), substr((string) $response->getContent(), 0, 600));
        $data = json_decode((string) $response->getContent(), true);

        return \is_array($data) ? $data : [];
    }

    /**
     * @param array<string, mixed>|null $body
     */
    protected function refuse(int $status, string $field, string $method, string $path, ?array $body = null): void
    {
        $this->assertProblem($status, $field, $this->ask($method, $path, $body, $status));
    }

    /** @param array<string, mixed> $problem */
    protected function assertProblem(int $status, string $field, array $problem): void
    {
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertSame($status, $problem['status']);
        self::assertNotSame('', $problem['title']);
        self::assertContains($field, array_column($problem['errors'] ?? [], 'field'), json_encode($problem) ?: '');
        self::assertStringNotContainsString('.php', (string) $this->browser->getResponse()->getContent(), 'no stack trace');
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected static function service(string $class): object
    {
        $service = self::getContainer()->get($class);
        self::assertInstanceOf($class, $service);

        return $service;
    }

    protected function addChild(string $name, ?string $born): string
    {
        return (string) $this->ask('POST', '/children', ['name' => $name, 'born' => $born], 201)['id'];
    }

    /**
     * A house with one child, a few things and a plan for today: the first set-up of it.
     *
     * @return array<string, mixed>
     */
    protected function plannedHouse(?string $born = '2021-06-01'): array
    {
        $this->addChild('Wim', $born);
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids']]);

        return $this->ask('POST', '/today/plan', [])['setUps'][0];
    }

    /**
     * @param array<string, mixed> $setUp
     *
     * @return list<string> ids of the questions of its first sitting, in the order they are asked
     */
    protected function questions(array $setUp): array
    {
        $own = array_filter(
            $this->ask('GET', '/table/'.$setUp['id'])['turns'],
            static fn (array $turn): bool => $turn['sittingId'] === $setUp['sittings'][0]['id'],
        );

        return array_values(array_column($own, 'questionId'));
    }

    /**
     * What a device sends for a question of the first sitting, by its number from 0.
     *
     * @param array<string, mixed> $setUp
     *
     * @return array<string, mixed>
     */
    protected function tap(array $setUp, int $number, string $outcome, ?string $id = null): array
    {
        return [
            'id' => $id ?? \sprintf('0195a000-0000-4000-8000-%012d', $number + 1),
            'sittingId' => $setUp['sittings'][0]['id'],
            'questionId' => $this->questions($setUp)[$number] ?? 'none',
            'outcome' => $outcome,
            'help' => 'bare',
            'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
            'at' => 1000 * (time() + $number),
        ];
    }

    protected function text(string $path): string
    {
        $this->browser->request('GET', '/api'.$path);
        self::assertResponseIsSuccessful();

        return (string) $this->browser->getResponse()->getContent();
    }
}
