@php
    use Evrent\Core\Drawings\BudgetDrawing;
    $drawn = BudgetDrawing::of($page->worked->shot);
@endphp
<x-part id="budgets" class="budgets panel of-pack" aria-labelledby="budgets-title">
    <header class="panel-head"><h2 id="budgets-title">Budgets</h2></header>
    @foreach ($drawn->curves as $curve)
        <figure class="budget" data-fits="{{ $curve['fits'] ? 'yes' : 'no' }}"><figcaption>{{ $curve['name'] }} <b>{{ $curve['says'] }}</b></figcaption>
            <svg viewBox="0 0 {{ BudgetDrawing::WIDTH }} {{ BudgetDrawing::HEIGHT }}" preserveAspectRatio="none" role="img"
                aria-label="{{ $curve['name'] }}, photo by photo: {{ $curve['says'] }}"><path class="fill" d="{{ $curve['area'] }}" />
            <path class="line" d="{{ $curve['path'] }}" /></svg></figure>
    @endforeach
    @foreach ($drawn->bars as $bar)
        <figure class="budget" data-fits="{{ $bar['fits'] ? 'yes' : 'no' }}"><figcaption>{{ $bar['name'] }} <b>{{ $bar['says'] }}</b></figcaption>
            <div class="budget-bar" role="img" aria-label="{{ $bar['name'] }}: {{ $bar['says'] }}"><i
                style="--share: {{ $bar['percent'] }}%"></i>@foreach ($bar['marks'] as $mark)<u style="--at: {{ $mark }}%"></u>@endforeach</div></figure>
    @endforeach
    @if ($drawn->curves === [] && $drawn->bars === [])<p
        class="nothing">Pick kit, or describe cards, power and load: then what fits and what lasts shows here.</p>@endif
</x-part>
