@props(['name'])
<span {{ $attributes->class('icon') }} aria-hidden="true">{!! file_get_contents(resource_path('icons/' . basename($name) . '.svg')) !!}</span>
