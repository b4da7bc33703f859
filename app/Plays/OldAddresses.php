<?php

declare(strict_types=1);

namespace FoxCorner\App\Plays;

use FoxCorner\App\Club\Membership;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Where things were found before each had one home: bookmarks and printed squares lead to where they are now. */
final class OldAddresses extends AbstractController
{
    /** What comes after the team, then and now. */
    private const NOW = [
        '~^bunts/([^/]+)$~' => 'situations/$1/bunt/all',
        '~^field/([^/]+(/compare)?)$~' => 'situations/$1',
        '~^plays/outfield$~' => 'situations/outfield-jobs',
        '~^plays/([^/]+)/([^/]+)$~' => 'situations/$2/$1/all',
        '~^plays/([^/]+)/([^/]+)/(coverage/[^/]+|sheet)$~' => 'situations/$2/$1/$3',
        '~^runners$~' => 'team/counts',
        '~^runners/(looks/\d+)$~' => 'situations/$1',
        '~^runners/([^/]+)$~' => 'situations/$1/runners',
        '~^team/field$~' => 'team/ballpark',
        '~^team/runs$~' => 'team/scoring',
    ];

    #[
        Route(
            '/{team}/{old<(bunts|field|plays|runners|team/(field|runs))(/.+)?>}',
            name: 'old_address',
            methods: ['GET'],
        ),
    ]
    public function lead(Membership $membership, string $old, Request $request): Response
    {
        $now = preg_replace(array_keys(self::NOW), array_values(self::NOW), $old, 1);
        if (!\is_string($now) || $now === $old) {
            throw $this->createNotFoundException();
        }
        $query = $request->getQueryString();

        return new RedirectResponse(
            "/{$membership->team->address()}/$now" . (null === $query ? '' : "?$query"),
            Response::HTTP_MOVED_PERMANENTLY,
        );
    }
}
