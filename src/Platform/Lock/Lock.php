<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Symfony\Component\PasswordHasher\Hasher\NativePasswordHasher;

/**
 * The household's lock: one passphrase, the devices that are signed in, and a pairing code for the next one. It lies in a file of its own,
 * beside the data and in no copy of it. Tokens and codes are kept as hashes.
 *
 * @phpstan-type Kept array{
 *     passphrase: string|null, code: array{hash: string, until: int}|null,
 *     devices: array<string, array{id: string, name: string, who: string, made: int, used: int}>
 * }
 */
final readonly class Lock
{
    public const SHORTEST = 8;
    public const LONGEST = 200;

    /** Seconds that a pairing code is good for, once. */
    public const CODE_SECONDS = 600;

    /** Signed-in devices; the one used longest ago goes. */
    public const MOST_DEVICES = 20;

    /** Letters of a pairing code: none that is taken for another. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    /** A device's last use is written down so often, in seconds. */
    private const NOTED_EVERY = 86_400;

    private string $file;

    public function __construct(string $dataDir)
    {
        $this->file = $dataDir.'/lock.json';
    }

    /** Whether there is a passphrase: then it is asked everywhere. */
    public function isSet(): bool
    {
        return null !== $this->read()['passphrase'];
    }

    /** A new passphrase signs every device out. */
    public function setPassphrase(#[\SensitiveParameter] string $passphrase): void
    {
        $length = mb_strlen($passphrase);
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            throw new \InvalidArgumentException(\sprintf('A passphrase has %d to %d letters.', self::SHORTEST, self::LONGEST));
        }
        $hash = self::hasher()->hash($passphrase);
        $this->change(static fn (array $kept): array => ['passphrase' => $hash, 'code' => null, 'devices' => []] + $kept);
    }

    public function opens(#[\SensitiveParameter] string $passphrase): bool
    {
        $hash = $this->read()['passphrase'];

        return null !== $hash && self::hasher()->verify($hash, $passphrase);
    }

    /** A code for the next device, good for ten minutes and once. */
    public function newCode(int $now): string
    {
        $code = '';
        for ($i = 0; $i < 8; ++$i) {
            $code .= (4 === $i ? '-' : '').self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }
        $this->change(static fn (array $kept): array => ['code' => ['hash' => self::hash(self::bare($code)), 'until' => $now + self::CODE_SECONDS]] + $kept);

        return $code;
    }

    /** Whether this is the code; then it is used up. */
    public function takeCode(#[\SensitiveParameter] string $code, int $now): bool
    {
        $is = false;
        $this->change(static function (array $kept) use ($code, $now, &$is): array {
            $is = null !== $kept['code'] && $kept['code']['until'] >= $now && hash_equals($kept['code']['hash'], self::hash(self::bare($code)));

            return $is ? ['code' => null] + $kept : $kept;
        });

        return $is;
    }

    /** @return string the token that the device keeps */
    public function signIn(string $name, Who $who, int $now): string
    {
        $token = bin2hex(random_bytes(32));
        $this->change(static function (array $kept) use ($token, $name, $who, $now): array {
            $devices = $kept['devices'];
            uasort($devices, static fn (array $a, array $b): int => $b['used'] <=> $a['used']);
            $devices = \array_slice($devices, 0, self::MOST_DEVICES - 1, true);
            $device = ['id' => bin2hex(random_bytes(8)), 'name' => $name, 'who' => $who->value, 'made' => $now, 'used' => $now];

            return ['devices' => $devices + [self::hash($token) => $device]] + $kept;
        });

        return $token;
    }

    /** The device of a token; null when it is signed out, unknown or was not used for too long. Using it keeps it signed in. */
    public function device(#[\SensitiveParameter] string $token, int $now): ?Device
    {
        $hash = self::hash($token);
        $device = $this->devices()[$hash] ?? null;
        if (null === $device || $device->isOver($now)) {
            return null;
        }
        if ($device->used + self::NOTED_EVERY < $now) {
            $this->change(static function (array $kept) use ($hash, $now): array {
                if (isset($kept['devices'][$hash])) {
                    $kept['devices'][$hash]['used'] = $now;
                }

                return $kept;
            });
        }

        return $device;
    }

    /** @return array<string, Device> token hash => device */
    public function devices(): array
    {
        return array_map(
            static fn (array $device): Device => new Device($device['id'], $device['name'], Who::from($device['who']), $device['made'], $device['used']),
            $this->read()['devices'],
        );
    }

    /** False when there is no such device. */
    public function signOut(string $id): bool
    {
        $is = false;
        $this->change(static function (array $kept) use ($id, &$is): array {
            $left = array_filter($kept['devices'], static fn (array $device): bool => $device['id'] !== $id);
            $is = \count($left) < \count($kept['devices']);

            return ['devices' => $left] + $kept;
        });

        return $is;
    }

    /** @return Kept */
    private function read(): array
    {
        $text = is_file($this->file) ? (string) file_get_contents($this->file) : '';
        if ('' === $text) {
            return ['passphrase' => null, 'code' => null, 'devices' => []];
        }
        /** @var Kept $kept a lock that cannot be read must not count as no lock */
        $kept = json_decode($text, true, 8, \JSON_THROW_ON_ERROR);

        return $kept;
    }

    /** @param callable(Kept): Kept $change while no other process changes it */
    private function change(callable $change): void
    {
        $turn = fopen($this->file.'.turn', 'c') ?: throw new \RuntimeException('The lock cannot be changed: its folder can only be read.');
        chmod($this->file.'.turn', 0o600);
        flock($turn, \LOCK_EX);
        try {
            $new = $this->file.'.new';
            file_put_contents($new, json_encode($change($this->read()), \JSON_THROW_ON_ERROR | \JSON_FORCE_OBJECT));
            chmod($new, 0o600);
            rename($new, $this->file);
        } finally {
            fclose($turn);
        }
    }

    private static function bare(string $code): string
    {
        return (string) preg_replace('/[^a-z0-9]/', '', strtolower($code));
    }

    /** Tokens and codes are random and long: a plain hash is as good as a slow one. */
    private static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }

    private static function hasher(): NativePasswordHasher
    {
        return new NativePasswordHasher();
    }
}
