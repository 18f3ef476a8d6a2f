@php
    use Evrent\Core\Drawings\BudgetDrawing;
    $drawn = BudgetDrawing::of($page->worked->shot);
@endphp
<x-part id="budgets" class="budgets panel of-pack" aria-labelledby="budgets-title">
    <header class="panel-head"><h2 id="budgets-title">{{ __('shots.budgets.title') }}</h2></header>
    @foreach ($drawn->curves as $curve)
        <figure class="budget" data-fits="{{ $curve['fits'] ? 'yes' : 'no' }}"><figcaption>{{ $curve['name'] }}
            @if ($page->sumOfBudget($curve['name']))<x-sum :page="$page"
            :of="$page->sumOfBudget($curve['name'])">{{ $curve['says'] }}</x-sum>@else<b>{{ $curve['says'] }}</b>@endif</figcaption>
            <svg viewBox="0 0 {{ BudgetDrawing::WIDTH }} {{ BudgetDrawing::HEIGHT }}" preserveAspectRatio="none" role="img"
                aria-label="{{ __('shots.budgets.curve', ['name' => $curve['name'], 'says' => $curve['says']]) }}"><path class="fill" d="{{
                    $curve['area'] }}" />
            <path class="line" d="{{ $curve['path'] }}" /></svg></figure>
    @endforeach
    @foreach ($drawn->bars as $bar)
        <figure class="budget" data-fits="{{ $bar['fits'] ? 'yes' : 'no' }}"><figcaption>{{ $bar['name'] }}
            @if ($page->sumOfBudget($bar['name']))<x-sum :page="$page"
            :of="$page->sumOfBudget($bar['name'])">{{ $bar['says'] }}</x-sum>@else<b>{{ $bar['says'] }}</b>@endif</figcaption>
            <div class="budget-bar" role="img" aria-label="{{ $bar['name'] }}: {{ $bar['says'] }}"><i
                style="--share: {{ $bar['percent'] }}%"></i>@foreach ($bar['marks'] as $mark)<u style="--at: {{ $mark }}%"></u>@endforeach</div></figure>
    @endforeach
    @if ($drawn->curves === [] && $drawn->bars === [])<p
        class="nothing">{{ __('shots.budgets.none') }}</p>@endif
</x-part>
