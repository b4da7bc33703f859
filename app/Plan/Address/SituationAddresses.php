<?php

declare(strict_types=1);

namespace FoxCorner\App\Plan\Address;

use FoxCorner\App\Club\Team;
use FoxCorner\App\Opponents\OpponentRepository;
use FoxCorner\App\Shared\Address\ContextAddress;
use FoxCorner\Core\Game\Batter;
use FoxCorner\Core\Game\Context;
use FoxCorner\Core\Problem\Problem;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Request;

/** Reads situations and contexts from addresses; batters by name are those of the team's opponents. */
final readonly class SituationAddresses
{
    public function __construct(private OpponentRepository $opponents, private PlayControls $controls) {}

    /**
     * The situation of a page: what its path says, and its query.
     *
     * @throws Problem naming the part of the address that is wrong
     */
    public function read(Team $team, Request $request): SituationAddress
    {
        $path = $request->attributes;
        $view = $path->getString('view');
        /** @var InputBag<string> $query */
        $query = new InputBag(('' === $view ? [] : ['view' => $view]) + $request->query->all());

        return $this->at($team, $path->getString('situation'), $query);
    }

    /**
     * @param InputBag<string> $query
     *
     * @throws Problem naming the part of the address that is wrong
     */
    public function at(Team $team, string $situation, InputBag $query): SituationAddress
    {
        return SituationAddress::read($situation, $query, $this->context($team, $query), $this->controls);
    }

    /**
     * @param InputBag<string> $query
     *
     * @throws Problem naming the part of the address that is wrong
     */
    public function context(Team $team, InputBag $query): Context
    {
        return ContextAddress::read($query, fn(string $id): ?Batter => $this->opponents->batter($team, $id));
    }
}
