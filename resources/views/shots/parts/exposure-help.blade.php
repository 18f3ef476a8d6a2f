@php use Evrent\Core\Shot\ExposureHelp; @endphp
<x-part id="exposure-help" class="figures panel" aria-labelledby="exposure-help-title">
    <header class="panel-head"><h2 id="exposure-help-title">Exposure</h2></header>
    <dl>@foreach (ExposureHelp::told($page->worked->shot) as [$what, $much])<div><dt>{{ $what }}</dt><dd>{{ $much }}</dd></div>@endforeach</dl>
</x-part>
