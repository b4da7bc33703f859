<?php

declare(strict_types=1);

namespace FoxCorner\App\Runners\Log;

use FoxCorner\App\Shared\Taste\TypedLength;
use FoxCorner\Core\Play\Running\Leads;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\HttpFoundation\InputBag;

/** Who is on the field while somebody counts: it stays from one count to the next. */
final readonly class Here
{
    /** @param float|null $lead ft */
    private function __construct(
        public ?string $pitcher,
        public ?string $catcher,
        public ?string $fielder,
        public ?float $lead,
    ) {}

    /**
     * @param InputBag<string>|InputBag<bool|float|int|string> $input
     *
     * @throws Problem when the lead is none
     */
    public static function read(InputBag $input): self
    {
        $text = static fn(string $name): ?string => '' === trim($input->getString($name))
            ? null
            : trim($input->getString($name));

        return new self(
            $text('pitcher'),
            $text('catcher'),
            $text('fielder'),
            TypedLength::feet($input, 'lead', Leads::check(...)),
        );
    }

    /** @return array<string, string> */
    public function parameters(): array
    {
        return array_filter(
            [
                'pitcher' => $this->pitcher,
                'catcher' => $this->catcher,
                'fielder' => $this->fielder,
                'lead' => null === $this->lead ? null : \sprintf('%g', $this->lead),
            ],
            is_string(...),
        );
    }
}
