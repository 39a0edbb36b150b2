<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\InTurn;
use Pindle\App\Platform\NotWritten;
use Pindle\App\Platform\WholeFile;
use Symfony\Component\PasswordHasher\Hasher\NativePasswordHasher;

/**
 * The household's lock: one passphrase, the devices that are signed in, and a pairing code for the next one. It lies in a file of its own,
 * beside the data and in no copy of it. Tokens and codes are kept as hashes. A lock that cannot be read lets nobody in.
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

    /** @param bool $locked whether the house was started as one with a passphrase: then a lock that is gone counts as one that cannot be read */
    public function __construct(string $dataDir, private bool $locked = false)
    {
        $this->file = $dataDir.'/lock.json';
    }

    public function state(): LockState
    {
        // Looked at anew each time: another process may have changed it.
        clearstatcache();
        if (!file_exists($this->file) && !is_link($this->file)) {
            return $this->locked ? LockState::Unreadable : LockState::None;
        }

        return null === $this->kept() ? LockState::Unreadable : LockState::Set;
    }

    /**
     * Whether there is a passphrase: then it is asked everywhere.
     *
     * @throws Refusal 503 when that cannot be known
     */
    public function isSet(): bool
    {
        return match ($this->state()) {
            LockState::None => false,
            LockState::Set => true,
            LockState::Unreadable => throw self::unreadable(),
        };
    }

    /**
     * A new passphrase signs every device out. It mends a lock that cannot be read, too.
     *
     * @throws \InvalidArgumentException when it is too short or too long
     * @throws NotWritten                when it could not be kept; then the old one is as it was
     */
    public function setPassphrase(#[\SensitiveParameter] string $passphrase): void
    {
        $length = mb_strlen($passphrase);
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            throw new \InvalidArgumentException(\sprintf('A passphrase has %d to %d letters.', self::SHORTEST, self::LONGEST));
        }
        $hash = self::hasher()->hash($passphrase);
        InTurn::run($this->file.'.turn', fn () => WholeFile::put($this->file, (new KeptLock($hash, null, []))->text()));
    }

    /** @throws Refusal 503 when the lock cannot be read */
    public function opens(#[\SensitiveParameter] string $passphrase): bool
    {
        return $this->isSet() && self::hasher()->verify($this->read()->passphrase, $passphrase);
    }

    /**
     * A code for the next device, good for ten minutes and once.
     *
     * @throws NotWritten when it could not be kept
     */
    public function newCode(int $now): string
    {
        $code = '';
        for ($i = 0; $i < 8; ++$i) {
            $code .= (4 === $i ? '-' : '').self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }
        $this->change(static fn (KeptLock $kept): KeptLock => $kept->withCode(['hash' => self::hash(self::bare($code)), 'until' => $now + self::CODE_SECONDS]));

        return $code;
    }

    /**
     * Whether this is the code; then it is used up.
     *
     * @throws NotWritten when that could not be kept: it is not let in, for it would be good a second time
     */
    public function takeCode(#[\SensitiveParameter] string $code, int $now): bool
    {
        $is = false;
        $this->change(static function (KeptLock $kept) use ($code, $now, &$is): KeptLock {
            // A clock that was put back makes no code good for longer.
            $is = null !== $kept->code && $kept->code['until'] >= $now && $kept->code['until'] - self::CODE_SECONDS <= $now
                && hash_equals($kept->code['hash'], self::hash(self::bare($code)));

            return $is ? $kept->withCode(null) : $kept;
        });

        return $is;
    }

    /**
     * @return string the token that the device keeps
     *
     * @throws NotWritten when it could not be kept
     */
    public function signIn(string $name, Who $who, int $now): string
    {
        $token = bin2hex(random_bytes(32));
        $this->change(static function (KeptLock $kept) use ($token, $name, $who, $now): KeptLock {
            $devices = $kept->devices;
            uasort($devices, static fn (Device $a, Device $b): int => $b->used <=> $a->used);

            return $kept->withDevices(
                \array_slice($devices, 0, self::MOST_DEVICES - 1, true) + [self::hash($token) => new Device(bin2hex(random_bytes(8)), $name, $who, $now, $now)],
            );
        });

        return $token;
    }

    /**
     * The device of a token; null when it is signed out, unknown or was not used for too long. Using it keeps it signed in.
     *
     * @throws Refusal 503 when the lock cannot be read
     */
    public function device(#[\SensitiveParameter] string $token, int $now): ?Device
    {
        $hash = self::hash($token);
        $device = $this->devices()[$hash] ?? null;
        if (null === $device || $device->isOver($now)) {
            return null;
        }
        // One that seems to have been used later than now was noted by a clock that has been put back since.
        if ($device->used + self::NOTED_EVERY < $now || $device->used > $now) {
            try {
                $this->change(static fn (KeptLock $kept): KeptLock => isset($kept->devices[$hash])
                    ? $kept->withDevices([$hash => $kept->devices[$hash]->usedAt($now)] + $kept->devices)
                    : $kept);
            } catch (NotWritten) {
                // It may look all the same: it is noted another time, when there is room.
            }
        }

        return $device;
    }

    /** @return array<string, Device> token hash => device */
    public function devices(): array
    {
        return $this->isSet() ? $this->read()->devices : [];
    }

    /** False when there is no such device. */
    public function signOut(string $id): bool
    {
        if (!$this->isSet()) {
            return false;
        }
        $is = false;
        $this->change(static function (KeptLock $kept) use ($id, &$is): KeptLock {
            $left = array_filter($kept->devices, static fn (Device $device): bool => $device->id !== $id);
            $is = \count($left) < \count($kept->devices);

            return $kept->withDevices($left);
        });

        return $is;
    }

    private function kept(): ?KeptLock
    {
        $text = is_file($this->file) ? @file_get_contents($this->file) : false;

        return false === $text ? null : KeptLock::read($text);
    }

    private function read(): KeptLock
    {
        return $this->kept() ?? throw self::unreadable();
    }

    private static function unreadable(): Refusal
    {
        return Refusal::of(503, '', 'Pindle\'s lock cannot be read, so nobody is let in. What to do stands at its terminal. Nothing was lost.');
    }

    /** @param callable(KeptLock): KeptLock $change while no other process changes it; what stays the same is not written */
    private function change(callable $change): void
    {
        InTurn::run($this->file.'.turn', function () use ($change): void {
            $before = $this->read();
            $text = $change($before)->text();
            if ($text !== $before->text()) {
                WholeFile::put($this->file, $text);
            }
        });
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
