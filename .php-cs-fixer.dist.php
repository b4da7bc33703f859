<?php

declare(strict_types=1);

$finder = (new PhpCsFixer\Finder())
    ->in(
        array_map(static fn(string $folder): string => __DIR__ . '/' . $folder, [
            'core',
            'app',
            'bench',
            'tests',
            'migrations',
            'config',
            'public',
        ]),
    )
    ->notPath('reference.php')
    ->append([__DIR__ . '/bin/console', __DIR__ . '/bin/fox', __DIR__ . '/bin/bench', __FILE__]);

// Prettier breaks and joins lines (see bin/fix); what is left here is what it has no view of.
return (new PhpCsFixer\Config())
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        '@PER-CS' => true,
        'attribute_block_no_spaces' => false,
        'concat_space' => ['spacing' => 'one'],
        'declare_strict_types' => true,
        'operator_linebreak' => false,
        'ordered_imports' => ['imports_order' => ['class', 'function', 'const'], 'sort_algorithm' => 'alpha'],
        'phpdoc_to_comment' => false,
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'single_line_empty_body' => true,
        'single_line_throw' => false,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
    ])
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setFinder($finder);
