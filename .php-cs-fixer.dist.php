<?php

declare(strict_types=1);

$finder = (new PhpCsFixer\Finder())->in([__DIR__.'/core', __DIR__.'/app', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/config', __DIR__.'/public'])
    ->notPath('reference.php')
    ->append([__DIR__.'/bin/console', __DIR__.'/bin/fox', __DIR__.'/bin/bench', __FILE__]);

return (new PhpCsFixer\Config())
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        '@PER-CS' => true,
        'concat_space' => ['spacing' => 'none'],
        'declare_strict_types' => true,
        'phpdoc_to_comment' => false,
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'single_line_empty_body' => false,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'match', 'parameters']],
    ])
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder($finder);
