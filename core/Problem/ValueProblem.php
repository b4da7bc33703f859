<?php

declare(strict_types=1);

namespace FoxCorner\Core\Problem;

/** What all problems have; each kind is a class of its own. */
abstract class ValueProblem extends \DomainException implements Problem
{
    protected function __construct(
        private readonly string $field,
        private readonly string $wrong,
        private readonly string $allowed,
    ) {
        parent::__construct(\sprintf('%s: %s; allowed: %s', $field, $wrong, $allowed));
    }

    public function field(): string
    {
        return $this->field;
    }

    public function wrong(): string
    {
        return $this->wrong;
    }

    public function allowed(): string
    {
        return $this->allowed;
    }

    public function sentence(): string
    {
        return \sprintf('%s. Allowed: %s.', ucfirst($this->wrong), $this->allowed);
    }
}
