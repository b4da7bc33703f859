<?php

declare(strict_types=1);

namespace FoxCorner\App\Practice\Setup;

use FoxCorner\App\Practice\Practice;
use FoxCorner\App\Practice\PracticeWish;
use FoxCorner\App\Shared\Json\Fields;
use FoxCorner\App\Shared\Json\Version;
use Symfony\Component\Serializer\Normalizer\AbstractNormalizer;
use Symfony\Component\Serializer\SerializerInterface;

/** A practice's setup as it is kept. */
final readonly class SetupCodec
{
    /** Of the form: docs/schemas/setup.json. */
    private const VERSION = 1;

    public function __construct(private SerializerInterface $serializer) {}

    public function write(PracticeSetup $setup): string
    {
        $json = $this->serializer->serialize($setup, 'json', [
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

        return Version::said($json, self::VERSION);
    }

    public function read(Practice|PracticeWish $practice): PracticeSetup
    {
        $json = $practice instanceof Practice ? $practice->setup() : $practice->setup;
        Version::of(Fields::parse($json), self::VERSION);

        return $this->serializer->deserialize($json, PracticeSetup::class, 'json');
    }
}
