<?php

declare(strict_types=1);

use Composer\Autoload\ClassLoader;

// Composer's own loader, without all the functions that the pages' packages load at once: for a short command those would take
// longer than its work. The console's own are kept.
$vendor = dirname(__DIR__) . '/vendor';
require "{$vendor}/composer/ClassLoader.php";
$loader = new ClassLoader();
/** @var array<string, list<string>> $known */
$known = require "{$vendor}/composer/autoload_psr4.php";
foreach ($known as $namespace => $folders) {
    $loader->setPsr4($namespace, $folders);
}
$loader->register();
require "{$vendor}/symfony/deprecation-contracts/function.php";
require "{$vendor}/symfony/string/Resources/functions.php";
