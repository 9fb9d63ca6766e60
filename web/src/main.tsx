document.title = 'Brass Kettle';
