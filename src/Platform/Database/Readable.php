<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

/** A stored row that means more than its columns say. */
interface Readable
{
    /** @throws \Throwable when what is stored makes no sense */
    public function mustRead(): void;
}
