<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Symfony\Component\Security\Core\User\UserInterface;

/** A signed-in device: the parent's, or one that is only for the table. */
final readonly class Device implements UserInterface
{
    /** Days that a device stays signed in since it was last used. */
    public const DAYS = 90;

    /** @param int $used seconds since 1970 */
    public function __construct(public string $id, public string $name, public Who $who, public int $made, public int $used)
    {
    }

    public function usedAt(int $used): self
    {
        return new self($this->id, $this->name, $this->who, $this->made, $used);
    }

    /** Where there is no passphrase yet, only this machine itself is answered, and it is the parent's. */
    public static function machine(): self
    {
        return new self('machine', 'This machine', Who::Parent, 0, 0);
    }

    public function isOver(int $now): bool
    {
        return $this->used + self::DAYS * 86_400 < $now;
    }

    public function getRoles(): array
    {
        return match ($this->who) {
            // The parent may do what a table device may.
            Who::Parent => [Who::Parent->role(), Who::Table->role()],
            Who::Table, Who::Public => [$this->who->role()],
        };
    }

    public function eraseCredentials(): void
    {
    }

    public function getUserIdentifier(): string
    {
        return '' === $this->id ? 'nobody' : $this->id;
    }
}
