<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Setup;

use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeWish;
use Symfony\Component\Serializer\Normalizer\AbstractNormalizer;
use Symfony\Component\Serializer\SerializerInterface;

/** A practice's setup as it is kept. */
final readonly class SetupCodec
{
    public function __construct(private SerializerInterface $serializer) {}

    public function write(PracticeSetup $setup): string
    {
        return $this->serializer->serialize($setup, 'json', [
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
            ],
        ]);
    }

    public function read(Practice|PracticeWish $practice): PracticeSetup
    {
        return $this->serializer->deserialize(
            $practice instanceof Practice ? $practice->setup() : $practice->setup,
            PracticeSetup::class,
            'json',
        );
    }
}
