<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

/** What a lock file holds, looked at whole: whatever is missing or of another kind makes it unreadable, not open. */
final readonly class KeptLock
{
    /** Raised when an older release would read it wrong. */
    private const VERSION = 1;

    /**
     * @param string                           $passphrase its hash
     * @param array{hash: string, until: int}|null $code   until: seconds since 1970
     * @param array<string, Device>            $devices    token hash => device
     */
    public function __construct(public string $passphrase, public ?array $code, public array $devices)
    {
    }

    /** Null when it cannot be read. */
    public static function read(string $text): ?self
    {
        $kept = json_decode($text, true, 8);
        if (!\is_array($kept) || self::VERSION !== ($kept['version'] ?? self::VERSION)) {
            return null;
        }
        $code = $kept['code'] ?? null;
        $devices = [];
        foreach (\is_array($kept['devices'] ?? null) ? $kept['devices'] : [null] as $token => $said) {
            $device = self::device($said);
            if (null === $device || 1 !== preg_match('/^[0-9a-f]{64}$/D', (string) $token)) {
                return null;
            }
            $devices[(string) $token] = $device;
        }
        $passphrase = $kept['passphrase'] ?? null;
        if (!\is_string($passphrase) || null === password_get_info($passphrase)['algo']) {
            return null;
        }
        if (null === $code) {
            return new self($passphrase, null, $devices);
        }

        return \is_array($code) && \is_string($code['hash'] ?? null) && \is_int($code['until'] ?? null)
            ? new self($passphrase, ['hash' => $code['hash'], 'until' => $code['until']], $devices)
            : null;
    }

    public function text(): string
    {
        return json_encode([
            'version' => self::VERSION,
            'passphrase' => $this->passphrase,
            'code' => $this->code,
            'devices' => (object) array_map(self::said(...), $this->devices),
        ], \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** @param array{hash: string, until: int}|null $code */
    public function withCode(?array $code): self
    {
        return new self($this->passphrase, $code, $this->devices);
    }

    /** @param array<string, Device> $devices */
    public function withDevices(array $devices): self
    {
        return new self($this->passphrase, $this->code, $devices);
    }

    private static function device(mixed $said): ?Device
    {
        if (!\is_array($said)) {
            return null;
        }
        [$id, $name, $who, $made, $used] = array_map(static fn (string $key): mixed => $said[$key] ?? null, ['id', 'name', 'who', 'made', 'used']);
        $who = \is_string($who) ? Who::tryFrom($who) : null;
        $isOne = \is_string($id) && '' !== $id && \is_string($name) && \is_int($made) && \is_int($used);

        return $isOne && (Who::Parent === $who || Who::Table === $who) ? new Device($id, $name, $who, $made, $used) : null;
    }

    /** @return array{id: string, name: string, who: string, made: int, used: int} */
    private static function said(Device $one): array
    {
        return ['id' => $one->id, 'name' => $one->name, 'who' => $one->who->value, 'made' => $one->made, 'used' => $one->used];
    }
}
