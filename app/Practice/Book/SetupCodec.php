<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Book;

use FoxCorner\App\Shared\Json\Documents;
use FoxCorner\App\Shared\Json\StoredUnreadable;
use Symfony\Component\Serializer\Normalizer\AbstractNormalizer;

/** A practice's setup as it is kept. */
final readonly class SetupCodec
{
    /** Of the form: docs/schemas/setup.json. */
    private const VERSION = 1;

    public function __construct(private Documents $documents) {}

    public function write(PracticeSetup $setup): string
    {
        return $this->documents->write($setup, self::VERSION, [
            AbstractNormalizer::ATTRIBUTES => [
                'helpers',
                'equipment',
                'part',
                'warmUp',
                'round',
                'teamDefence',
                'finish',
                'isHot',
                'stations',
                'shifts',
                'locks',
                'seed',
                'isWatched',
                'limits',
                'core',
                'throwsLeft',
            ],
        ]);
    }

    public function read(Practice|PracticeWish $practice): PracticeSetup
    {
        $json = $practice instanceof Practice ? $practice->setup() : $practice->setup;

        return StoredUnreadable::unless(
            'What the practice was made from',
            fn(): PracticeSetup => $this->documents->read($json, PracticeSetup::class, self::VERSION),
        );
    }
}
