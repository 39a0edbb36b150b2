<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** What a picture shows of a question: its numbers and nothing of the answer that is to be found. Scene\* draws each. */
interface Sight
{
    public function picture(): Picture;
}
