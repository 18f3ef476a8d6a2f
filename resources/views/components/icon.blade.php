@props(['name'])
<span class="icon" aria-hidden="true">{!! App\Plans\Icon::svg($name) !!}</span>
