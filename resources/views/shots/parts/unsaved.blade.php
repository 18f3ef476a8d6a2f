{{-- While a field cannot be read, everything else on the page shows the last plan that could. Its place is kept free. --}}
<p id="unsaved" class="unsaved" @if ($problems === []) hidden
    @endif><b>Not taken yet.</b> What is marked needs another value; the verdict and the chart show the last plan that could be worked out.</p>
