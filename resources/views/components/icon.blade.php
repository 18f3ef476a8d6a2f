@props(['name'])
<span class="icon" aria-hidden="true">{!! App\Pages\Icon::svg($name) !!}</span>
