<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Symfony\Component\Filesystem\Filesystem;

/** A data folder and a database of one test's own: what a transaction around a test cannot hold. */
trait OwnHouse
{
    private string $folder;

    /** @var array<string, mixed> */
    private array $usual = [];

    protected function setUp(): void
    {
        $this->usual = array_intersect_key($_SERVER, ['PINDLE_DATA' => 1, 'DATABASE_URL' => 1]);
        $this->folder = $_SERVER['PINDLE_DATA'].'-'.bin2hex(random_bytes(4));
        (new Filesystem())->copy($_SERVER['PINDLE_DATA'].'/pindle.sqlite', $this->folder.'/pindle.sqlite');
        foreach (['PINDLE_DATA' => $this->folder, 'DATABASE_URL' => 'sqlite:///'.$this->folder.'/pindle.sqlite'] as $name => $value) {
            $_SERVER[$name] = $_ENV[$name] = $value;
        }
        parent::setUp();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        foreach ($this->usual as $name => $value) {
            $_SERVER[$name] = $_ENV[$name] = $value;
        }
        (new Filesystem())->remove($this->folder);
    }
}
