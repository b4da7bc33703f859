<?php

declare(strict_types=1);

namespace FoxCorner\App\CommandLine\Input;

use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\Core\Problem\Problem;

/** A question that other programs can ask the core. Its schema is docs/schemas/NAME.question.json. */
interface Question
{
    /**
     * @return array<string, mixed> with units in the keys
     *
     * @throws Problem
     */
    public function answer(Fields $input): array;
}
